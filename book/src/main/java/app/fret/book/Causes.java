package app.fret.book;

import app.fret.files.WholeFile;
import java.nio.file.AccessDeniedException;
import java.nio.file.NoSuchFileException;
import org.sqlite.SQLiteException;

/** Tells in plain words why the database or the disk said no. */
final class Causes {
  private Causes() {}

  /**
   * What is the matter with a book's file.
   *
   * @param name name of the file
   * @param fault what was thrown, however often it was wrapped
   */
  static String words(String name, Throwable fault) {
    if (WholeFile.isDiskFull(fault)) {
      return full(name);
    }
    for (Throwable cause = fault; cause != null; cause = cause.getCause()) {
      if (cause instanceof SQLiteException sqlite) {
        return words(name, sqlite);
      }
      if (cause instanceof NoSuchFileException) {
        return name + " cannot be opened: its folder is not there; make it or choose another";
      }
      if (cause instanceof AccessDeniedException) {
        return name + " may not be changed: the file or its folder is read-only";
      }
      if (cause instanceof UnsatisfiedLinkError || isAboutTheLibrary(cause)) {
        return "the database library cannot be unpacked: the folder for temporary files ("
            + System.getProperty("java.io.tmpdir")
            + ") cannot be written; make it writable, or name another with"
            + " JAVA_TOOL_OPTIONS=-Djava.io.tmpdir=FOLDER";
      }
    }
    return name + " cannot be used; it was left as it is";
  }

  private static boolean isAboutTheLibrary(Throwable cause) {
    String message = String.valueOf(cause.getMessage());
    return message.contains("No native library") || message.contains("Error opening connection");
  }

  private static String words(String name, SQLiteException fault) {
    int primary = fault.getResultCode().code & 0xFF;
    return switch (primary) {
      case 5, 6 -> // BUSY, LOCKED
          name + " is locked by another program; close it there and try again";
      case 13 -> // FULL
          full(name);
      case 8, 3, 23 -> // READONLY, PERM, AUTH
          name + " may not be changed: the file or its folder is read-only";
      case 14 -> // CANTOPEN
          name + " cannot be opened: its folder is not there, or may not be used";
      case 10 -> // IOERR
          name + " cannot be read or written on this disk; check the disk and its room";
      case 11, 26 -> // CORRUPT, NOTADB
          damaged(name);
      default -> name + " cannot be used; it was left as it is";
    };
  }

  private static String full(String name) {
    return "the disk is full, and " + name + " stays as it was; make room and try again";
  }

  static String damaged(String name) {
    return name
        + " is damaged and was left as it is; if a file with its name that ends in .backup lies"
        + " beside it, open that";
  }
}
