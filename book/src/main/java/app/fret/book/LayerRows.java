package app.fret.book;

import app.fret.reading.layers.LayerChoices;
import app.fret.reading.layers.LayerMark;
import app.fret.reading.layers.Origin;
import app.fret.score.NoteRef;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * Layers of marks as rows of text: {@code printed-by}, {@code hide coach}, and each mark under its
 * origin and note head, as {@code coach 4@0/1 D5}.
 */
final class LayerRows {
  /** The area of these rows. */
  static final String AREA = "layers";

  private static final String PRINTED_BY = "printed-by";
  private static final String HIDE = "hide ";

  private LayerRows() {}

  /** The rows of all that is not as it is without a decision. */
  static Map<String, String> of(LayerChoices layers) {
    Map<String, String> rows = new LinkedHashMap<>();
    if (layers.printedBy() != Origin.EDITOR) {
      rows.put(PRINTED_BY, layers.printedBy().id());
    }
    layers.hidden().forEach(origin -> rows.put(HIDE + origin.id(), "yes"));
    layers
        .added()
        .forEach(
            (origin, marks) ->
                marks.forEach((at, mark) -> rows.put(origin.id() + " " + at, mark.toString())));
    return rows;
  }

  /**
   * Takes a row into what is decided.
   *
   * @throws IllegalArgumentException when the row makes no sense
   */
  static LayerChoices with(LayerChoices layers, String item, String value) {
    if (item.equals(PRINTED_BY)) {
      return layers.withPrintedBy(Origin.named(value));
    }
    if (item.startsWith(HIDE)) {
      return layers.withShown(Origin.named(item.substring(HIDE.length())), false);
    }
    int gap = item.indexOf(' ');
    Origin origin = Origin.named(item.substring(0, Math.max(0, gap)));
    Map<NoteRef, LayerMark> marks = new HashMap<>(layers.added().getOrDefault(origin, Map.of()));
    marks.put(NoteRef.parse(item.substring(gap + 1)), LayerMark.parse(value));
    return layers.with(origin, marks);
  }
}
