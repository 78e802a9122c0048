package app.fret.book;

import app.fret.files.TemporaryFolder;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** A copy of a book in a temporary folder of its own, gone when it is closed. */
record Snapshot(TemporaryFolder folder, Path file) implements AutoCloseable {

  /** Copies the file and the journal beside it, which may hold its newest pages. */
  static Snapshot ofFiles(Path book) throws IOException {
    TemporaryFolder folder = temporaryFolder();
    String name = String.valueOf(book.getFileName());
    Path copy = folder.path().resolve(name);
    try {
      Files.copy(book, copy);
      Path journal = book.resolveSibling(name + "-wal");
      if (Files.exists(journal)) {
        Files.copy(journal, folder.path().resolve(name + "-wal"));
      }
      return new Snapshot(folder, copy);
    } catch (IOException e) {
      folder.close();
      throw e;
    }
  }

  private static TemporaryFolder temporaryFolder() throws IOException {
    try {
      return TemporaryFolder.make();
    } catch (IOException e) {
      throw new IOException(
          "the folder for temporary files cannot be written: "
              + System.getProperty("java.io.tmpdir"),
          e);
    }
  }

  @Override
  public void close() {
    folder.close();
  }
}
