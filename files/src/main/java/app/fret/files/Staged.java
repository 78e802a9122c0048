package app.fret.files;

import java.io.FileOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.FileAlreadyExistsException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Optional;
import java.util.UUID;

/** A file that stands whole beside its place and can take it, and leave it again. */
final class Staged {
  private final Path file;

  /** The whole file; empty for a device or a pipe, which has nothing to keep. */
  private final Optional<Path> whole;

  private Optional<Path> old = Optional.empty();
  private boolean isSettled;

  private Staged(Path file, Optional<Path> whole) {
    this.file = file;
    this.whole = whole;
  }

  Path file() {
    return file;
  }

  /** Writes what is to stand there; a device or a pipe is written straight. */
  static Staged of(WholeFile.Output output, boolean overwrite) throws IOException {
    Path file = output.file();
    if (Files.isDirectory(file)) {
      throw new IOException(file.getFileName() + " is a folder; name a file in it");
    }
    if (Files.exists(file) && !Files.isRegularFile(file)) {
      try (OutputStream out = Files.newOutputStream(file)) {
        output.content().writeTo(out);
      }
      return new Staged(file, Optional.empty());
    }
    if (Files.exists(file, LinkOption.NOFOLLOW_LINKS) && !overwrite) {
      throw new FileAlreadyExistsException(file.toString());
    }
    Path place = Files.exists(file) ? file.toRealPath() : file.toAbsolutePath();
    return new Staged(place, Optional.of(beside(place, output.content())));
  }

  private static Path beside(Path place, WholeFile.Content content) throws IOException {
    Path whole = hidden(place);
    try {
      try (FileOutputStream out = new FileOutputStream(whole.toFile())) {
        content.writeTo(out);
        out.flush();
        out.getFD().sync();
      }
      keepPermissions(place, whole);
      return whole;
    } catch (IOException | RuntimeException e) {
      Files.deleteIfExists(whole);
      throw e;
    }
  }

  private static Path hidden(Path place) {
    return place.resolveSibling("." + place.getFileName() + "." + UUID.randomUUID() + ".part");
  }

  private static void keepPermissions(Path file, Path whole) throws IOException {
    boolean posix = Files.getFileStore(whole).supportsFileAttributeView("posix");
    if (posix && Files.exists(file)) {
      Files.setPosixFilePermissions(whole, Files.getPosixFilePermissions(file));
    }
  }

  /**
   * Takes its place, in which another file stays whole until then.
   *
   * @param keepsOld whether it may have to leave its place again
   */
  void settle(boolean keepsOld) throws IOException {
    if (whole.isEmpty()) {
      return;
    }
    if (keepsOld && Files.exists(file)) {
      Path kept = hidden(file);
      Files.copy(file, kept, StandardCopyOption.COPY_ATTRIBUTES);
      old = Optional.of(kept);
    }
    Files.move(
        whole.get(), file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    isSettled = true;
  }

  /** What stood there before is not needed any more. */
  void forgetOld() {
    old.ifPresent(Staged::delete);
    old = Optional.empty();
  }

  /** Leaves its place as it was. */
  void putBack() throws IOException {
    if (isSettled && old.isPresent()) {
      Files.move(
          old.get(), file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
      old = Optional.empty();
    } else if (isSettled) {
      Files.deleteIfExists(file);
    }
  }

  /** Takes away what it needed on the way. */
  void clearAway() {
    whole.ifPresent(Staged::delete);
    old.ifPresent(Staged::delete);
  }

  private static void delete(Path file) {
    try {
      Files.deleteIfExists(file);
    } catch (IOException e) {
      // It lies beside under a name that starts with a dot, and does no harm there.
    }
  }
}
