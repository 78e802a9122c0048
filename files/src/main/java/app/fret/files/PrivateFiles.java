package app.fret.files;

import java.io.IOException;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileAttribute;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.Set;

/**
 * Files and folders that nobody but their owner can read: what is practised, and how well, is
 * nobody else's business. Where the system knows no such rights, its own rule holds.
 */
public final class PrivateFiles {
  private static final Set<PosixFilePermission> FILE = PosixFilePermissions.fromString("rw-------");
  private static final Set<PosixFilePermission> FOLDER =
      PosixFilePermissions.fromString("rwx------");

  private PrivateFiles() {}

  /** Makes an empty file, if there is none, before anything is written into it. */
  public static void create(Path file) throws IOException {
    try {
      Files.createFile(file, attributes(file, FILE));
    } catch (FileAlreadyExistsException e) {
      // Then it has the rights that somebody gave it.
    }
  }

  /** Makes a folder, if there is none, and those above it. */
  public static void createFolder(Path folder) throws IOException {
    if (!Files.isDirectory(folder)) {
      Files.createDirectories(folder.toAbsolutePath().getParent());
      try {
        Files.createDirectory(folder, attributes(folder, FOLDER));
      } catch (FileAlreadyExistsException e) {
        if (!Files.isDirectory(folder)) {
          throw e;
        }
      }
    }
  }

  /** Takes the rights of all others to a file or folder that is there away. */
  public static void protect(Path path) throws IOException {
    if (knowsRights(path)) {
      Files.setPosixFilePermissions(path, Files.isDirectory(path) ? FOLDER : FILE);
    }
  }

  private static FileAttribute<?>[] attributes(Path path, Set<PosixFilePermission> rights)
      throws IOException {
    return knowsRights(path.toAbsolutePath().getParent())
        ? new FileAttribute<?>[] {PosixFilePermissions.asFileAttribute(rights)}
        : new FileAttribute<?>[0];
  }

  private static boolean knowsRights(Path path) throws IOException {
    return Files.getFileStore(path).supportsFileAttributeView("posix");
  }
}
