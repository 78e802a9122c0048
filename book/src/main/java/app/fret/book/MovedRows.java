package app.fret.book;

import app.fret.files.packet.Packet;
import app.fret.reading.NoteMoves;
import app.fret.score.NoteRef;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;

/**
 * Moves rows of decisions along with their notes, even rows of a newer Fret: wherever a place of a
 * note stands in one, the place where it stands now takes its place.
 */
final class MovedRows {
  private MovedRows() {}

  /** The rows whose notes are all there; of the others the moves name what is lost. */
  static List<Packet.Row> of(List<Packet.Row> rows, NoteMoves moves) {
    List<Packet.Row> moved = new ArrayList<>();
    for (Packet.Row row : rows) {
      Optional<String> item = moved(row.item(), moves);
      Optional<String> value = moved(row.value(), moves);
      if (item.isPresent() && value.isPresent()) {
        moved.add(new Packet.Row(row.area(), item.get(), row.version(), value.get()));
      } else {
        moves.lose("the decision", place(row));
      }
    }
    return moved;
  }

  private static Optional<String> moved(String text, NoteMoves moves) {
    Matcher matcher = NoteRef.FORM.matcher(text);
    StringBuilder moved = new StringBuilder();
    while (matcher.find()) {
      Optional<NoteRef> now = moves.of(NoteRef.parse(matcher.group()));
      if (now.isEmpty()) {
        return Optional.empty();
      }
      matcher.appendReplacement(moved, Matcher.quoteReplacement(now.get().toString()));
    }
    return Optional.of(matcher.appendTail(moved).toString());
  }

  private static NoteRef place(Packet.Row row) {
    Matcher matcher = NoteRef.FORM.matcher(row.item() + "\n" + row.value());
    if (!matcher.find()) {
      throw new IllegalStateException("a row without a place cannot lose it: " + row);
    }
    return NoteRef.parse(matcher.group());
  }
}
