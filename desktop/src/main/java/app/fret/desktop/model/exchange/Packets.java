package app.fret.desktop.model.exchange;

import app.fret.book.Book;
import app.fret.book.BookPlayer;
import app.fret.book.Merged;
import app.fret.desktop.model.work.Notice;
import app.fret.desktop.model.work.Workers;
import app.fret.files.packet.Packet;
import app.fret.files.packet.PacketReader;
import app.fret.files.packet.PacketRejectedException;
import app.fret.files.packet.PacketWriter;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;

/** Sends all that belongs to a player to another book, and takes in what another book sent. */
public final class Packets {
  /** How names of packets end. */
  public static final String ENDING = ".fretpacket";

  private static final long MOST_BYTES = 128L * 1024 * 1024;

  private final Book book;
  private final Workers workers;
  private final Papers.FileWriter writer;
  private final Runnable reload;
  private final Consumer<Notice> tell;

  /**
   * A packet that was taken in.
   *
   * @param packet what was sent
   * @param merged what came of it
   */
  public record Taken(Packet packet, Merged merged) {}

  /** Packets of a book. */
  public Packets(
      Book book,
      Workers workers,
      Papers.FileWriter writer,
      Runnable reload,
      Consumer<Notice> tell) {
    this.book = book;
    this.workers = workers;
    this.writer = writer;
    this.reload = reload;
    this.tell = tell;
  }

  /** Whether a file is a packet by its name. */
  public static boolean isPacket(Path file) {
    return String.valueOf(file.getFileName()).toLowerCase(Locale.ROOT).endsWith(ENDING);
  }

  /** Writes all that belongs to a player, with what was decided until now. */
  public void write(BookPlayer player, Path file, Consumer<Path> onWritten) {
    writer.write(
        file,
        onWritten,
        out -> PacketWriter.write(workers.askBook(() -> book.packet(player.id())), out));
  }

  /** Takes a packet in. */
  public void take(Path file, Consumer<Taken> onTaken) {
    workers.plan(
        () -> {
          try {
            Packet packet = read(file);
            Merged merged = workers.askBook(() -> book.take(packet));
            workers.show(
                () -> {
                  reload.run();
                  onTaken.accept(new Taken(packet, merged));
                });
          } catch (PacketRejectedException e) {
            tell.accept(Notice.of(e.getMessage() + "."));
          } catch (IOException e) {
            String words = file.getFileName() + " cannot be read; look whether it is still there.";
            tell.accept(Notice.of(words));
          }
        },
        tell);
  }

  private static Packet read(Path file) throws IOException, PacketRejectedException {
    String name = String.valueOf(file.getFileName());
    if (Files.size(file) > MOST_BYTES) {
      throw new IOException(name + " is too large");
    }
    return PacketReader.read(name, Files.readAllBytes(file));
  }

  /**
   * Takes what a packet says in place of what stands here.
   *
   * @param onTaken is told a phrase for each decision whose note is not in the music any more
   */
  public void takeTheirs(Taken taken, Merged.Conflict conflict, Consumer<List<String>> onTaken) {
    workers.keep(
        () -> {
          List<String> setAside =
              book.takeTheirs(taken.packet(), taken.merged(), List.of(conflict));
          workers.show(
              () -> {
                reload.run();
                onTaken.accept(setAside);
              });
        },
        tell);
  }
}
