package app.fret.files.packet;

/** A file that is no packet Fret can take, with a sentence that says why. */
public final class PacketRejectedException extends Exception {
  private static final long serialVersionUID = 1L;

  PacketRejectedException(String file, String words) {
    super(file + ": " + words);
  }
}
