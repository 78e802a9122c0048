package app.fret.files;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;

/**
 * A folder for temporary files of this program that goes with it, however it ends: when it is
 * closed, when the program leaves, and, after a program that was ended by force, when the next one
 * needs such a folder. A lock that the system lets go with the program tells a living one's folder
 * from one that was left.
 */
public final class TemporaryFolder implements AutoCloseable {
  private static final String PREFIX = "fret-temporary-";
  private static final String LOCK = ".in-use";

  /** Folders of this program: to open the lock of one of these again would let it go. */
  private static final Set<Path> OWN = ConcurrentHashMap.newKeySet();

  private final Path folder;
  private final FileChannel lock;
  private final Thread atEnd = new Thread(this::deleteAll, "fret-clear-away");

  private TemporaryFolder(Path folder, FileChannel lock) {
    this.folder = folder;
    this.lock = lock;
  }

  /** Makes a folder that only its owner can read, and clears away those that were left behind. */
  public static TemporaryFolder make() throws IOException {
    return make(Path.of(System.getProperty("java.io.tmpdir")));
  }

  static TemporaryFolder make(Path parent) throws IOException {
    clearAway(parent);
    // The lock is there before the folder has the name under which others look for it.
    Path made = Files.createTempDirectory(parent, "." + PREFIX);
    FileChannel channel =
        FileChannel.open(made.resolve(LOCK), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
    channel.lock();
    Path folder = parent.resolve(String.valueOf(made.getFileName()).substring(1));
    OWN.add(folder);
    Files.move(made, folder);
    TemporaryFolder temporary = new TemporaryFolder(folder, channel);
    Runtime.getRuntime().addShutdownHook(temporary.atEnd);
    return temporary;
  }

  /** The folder. */
  public Path path() {
    return folder;
  }

  private static void clearAway(Path parent) {
    try (Stream<Path> all = Files.list(parent)) {
      List<Path> found =
          all.filter(f -> String.valueOf(f.getFileName()).startsWith(PREFIX))
              .filter(f -> !OWN.contains(f))
              .toList();
      found.forEach(TemporaryFolder::clearIfLeft);
    } catch (IOException | UncheckedIOException e) {
      // What cannot be cleared away now is cleared away another time.
    }
  }

  private static void clearIfLeft(Path folder) {
    try (FileChannel channel = FileChannel.open(folder.resolve(LOCK), StandardOpenOption.WRITE);
        FileLock taken = channel.tryLock()) {
      if (taken != null) {
        delete(folder);
      }
    } catch (IOException e) {
      // It is another program's, and in use.
    }
  }

  private static void delete(Path folder) throws IOException {
    try (Stream<Path> all = Files.walk(folder)) {
      for (Path path : all.sorted(Comparator.reverseOrder()).toList()) {
        Files.deleteIfExists(path);
      }
    }
  }

  private void deleteAll() {
    try {
      delete(folder);
      lock.close();
      OWN.remove(folder);
    } catch (IOException | UncheckedIOException e) {
      // The next program clears it away.
    }
  }

  /** Deletes the folder with all that is in it. */
  @Override
  public void close() {
    deleteAll();
    try {
      Runtime.getRuntime().removeShutdownHook(atEnd);
    } catch (IllegalStateException e) {
      // The program is leaving already.
    }
  }
}
