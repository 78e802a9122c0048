package app.fret.book;

import java.nio.file.Path;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteDataSource;

/** How Fret opens a database file. */
final class Databases {
  /** How long to wait for another program that has the file locked, in ms. */
  private static final int PATIENCE_MS = 3000;

  static {
    SqliteLibrary.layOut();
  }

  private Databases() {}

  /** For a book: journal ahead of the file, every commit on disk before it returns. */
  static SQLiteDataSource book(Path file) {
    SQLiteConfig config = plainConfig();
    config.setJournalMode(SQLiteConfig.JournalMode.WAL);
    config.setSynchronous(SQLiteConfig.SynchronousMode.FULL);
    config.setApplicationId(BookLook.APPLICATION_ID);
    return source(file, config);
  }

  /** For a copy that nobody else sees. */
  static SQLiteDataSource plain(Path file) {
    return source(file, plainConfig());
  }

  private static SQLiteConfig plainConfig() {
    SQLiteConfig config = new SQLiteConfig();
    config.enforceForeignKeys(true);
    config.setBusyTimeout(PATIENCE_MS);
    return config;
  }

  private static SQLiteDataSource source(Path file, SQLiteConfig config) {
    SQLiteDataSource source = new SQLiteDataSource(config);
    source.setUrl("jdbc:sqlite:" + file);
    return source;
  }
}
