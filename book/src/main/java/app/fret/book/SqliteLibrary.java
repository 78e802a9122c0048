package app.fret.book;

import app.fret.files.PrivateFiles;
import java.io.IOException;
import java.io.InputStream;
import java.net.URL;
import java.net.URLConnection;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.UUID;
import org.sqlite.SQLiteJDBCLoader;
import org.sqlite.util.LibraryLoaderUtil;

/**
 * Lays the database library where it stays. The library's own way is a copy in the folder for
 * temporary files at every start, which a program that is ended by force leaves behind.
 */
final class SqliteLibrary {
  private static final String FOLDER = "org.sqlite.lib.path";

  private SqliteLibrary() {}

  /**
   * Once, before the first connection; where it cannot be laid out the library's own way serves.
   */
  static void layOut() {
    if (System.getProperty(FOLDER) != null) {
      return;
    }
    try {
      Path folder = home().resolve("sqlite-" + SQLiteJDBCLoader.getVersion());
      PrivateFiles.createFolder(folder);
      copyTo(folder.resolve(LibraryLoaderUtil.getNativeLibName()));
      System.setProperty(FOLDER, folder.toString());
    } catch (IOException | RuntimeException e) {
      // A home that cannot be written, or a system the library does not know by this name.
    }
  }

  /** Beside the player's own book, unless a test names another place. */
  private static Path home() {
    return Path.of(
        System.getProperty(
            "fret.library", Path.of(System.getProperty("user.home"), ".fret", "lib").toString()));
  }

  private static void copyTo(Path file) throws IOException {
    String resource =
        LibraryLoaderUtil.getNativeLibResourcePath() + "/" + LibraryLoaderUtil.getNativeLibName();
    URL library = SQLiteJDBCLoader.class.getResource(resource);
    if (library == null) {
      throw new IOException("no library at " + resource);
    }
    URLConnection packed = library.openConnection();
    packed.setUseCaches(false);
    try (InputStream in = packed.getInputStream()) {
      // The folder bears the version: what is there in full length was laid out by this program.
      if (!Files.exists(file) || Files.size(file) != packed.getContentLengthLong()) {
        write(file, in.readAllBytes());
      }
    }
  }

  private static void write(Path file, byte[] library) throws IOException {
    Path whole = file.resolveSibling("." + file.getFileName() + "." + UUID.randomUUID() + ".part");
    Files.write(whole, library);
    Files.move(whole, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
  }
}
