package app.fret.book;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;

/** A copy of a book in a temporary folder of its own, gone when it is closed. */
record Snapshot(Path file) implements AutoCloseable {

  /** Copies the file and the journal beside it, which may hold its newest pages. */
  static Snapshot ofFiles(Path book) throws IOException {
    Path folder = temporaryFolder();
    String name = String.valueOf(book.getFileName());
    Path copy = folder.resolve(name);
    try {
      Files.copy(book, copy);
      Path journal = book.resolveSibling(name + "-wal");
      if (Files.exists(journal)) {
        Files.copy(journal, folder.resolve(name + "-wal"));
      }
      return new Snapshot(copy);
    } catch (IOException e) {
      new Snapshot(copy).close();
      throw e;
    }
  }

  private static Path temporaryFolder() throws IOException {
    try {
      return Files.createTempDirectory("fret-book");
    } catch (IOException e) {
      throw new IOException(
          "the folder for temporary files cannot be written: "
              + System.getProperty("java.io.tmpdir"),
          e);
    }
  }

  @Override
  public void close() throws IOException {
    String name = String.valueOf(file.getFileName());
    for (String ending : new String[] {"", "-wal", "-shm", "-journal"}) {
      Files.deleteIfExists(file.resolveSibling(name + ending));
    }
    Files.deleteIfExists(file.getParent());
  }
}
