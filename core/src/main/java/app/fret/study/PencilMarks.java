package app.fret.study;

import app.fret.reading.layers.LayerMark;
import app.fret.score.Event;
import app.fret.score.Note;
import app.fret.score.Passage;
import app.fret.score.Sounding;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * Fingers, strings, bow signs and slurs of a plan as text, so that the same music can be shown with
 * them before it is planned again.
 *
 * <p>The first line holds the slurs, as {@code 3-5 8-9} by the numbers of their events; each
 * further line the marks of a note or chord, its heads lowest first, as {@code finger=1 string=3
 * bow=up|finger=2}. Words and levels are not among them.
 */
public final class PencilMarks {
  private static final String HEADS = "|";

  private PencilMarks() {}

  /** The marks of a plan. */
  public static String of(Study study) {
    Passage marked = MarkedPassage.of(study);
    String slurs =
        marked.slurs().stream()
            .map(s -> s.first() + "-" + s.last())
            .collect(Collectors.joining(" "));
    return Stream.concat(Stream.of(slurs), marked.events().stream().flatMap(e -> line(e).stream()))
        .collect(Collectors.joining("\n"));
  }

  private static Optional<String> line(Event event) {
    if (!(event instanceof Sounding sounding)) {
      return Optional.empty();
    }
    List<String> heads = new ArrayList<>();
    for (Note note : sounding.notes()) {
      boolean first = heads.isEmpty();
      heads.add(
          new LayerMark(
                  note.finger(),
                  note.string(),
                  first ? sounding.marks().bow() : Optional.empty(),
                  Optional.empty())
              .toString());
    }
    return Optional.of(String.join(HEADS, heads));
  }

  /** The passage with these marks in place of its own; empty where they are of other music. */
  public static Optional<Passage> on(Passage passage, String marks) {
    // Not by lines(), which drops a last note without marks, such as the end of a tie.
    List<String> lines = List.of(marks.split("\n", -1));
    List<Event> events = new ArrayList<>();
    int next = 1;
    try {
      for (Event event : passage.events()) {
        events.add(
            event instanceof Sounding sounding ? marked(sounding, lines.get(next++)) : event);
      }
      boolean isWhole = next == lines.size();
      return isWhole
          ? Optional.of(passage.withEvents(events).withSlurs(slurs(lines, events.size())))
          : Optional.empty();
    } catch (IndexOutOfBoundsException | IllegalArgumentException e) {
      return Optional.empty();
    }
  }

  private static Sounding marked(Sounding sounding, String line) {
    String[] heads = line.split("\\" + HEADS, -1);
    List<Note> notes = new ArrayList<>();
    Optional<LayerMark> first = Optional.empty();
    for (int i = 0; i < Math.max(heads.length, sounding.notes().size()); i++) {
      LayerMark mark = heads[i].isEmpty() ? LayerMark.NONE : LayerMark.parse(heads[i]);
      first = first.or(() -> Optional.of(mark));
      notes.add(sounding.notes().get(i).withFingering(mark.finger(), mark.string()));
    }
    return sounding
        .withNotes(notes)
        .withMarks(sounding.marks().withBow(first.flatMap(LayerMark::bow)));
  }

  private static List<Span> slurs(List<String> lines, int events) {
    List<Span> slurs = new ArrayList<>();
    if (!lines.get(0).isEmpty()) {
      for (String slur : lines.get(0).split(" ")) {
        int hyphen = slur.indexOf('-');
        int first = Integer.parseInt(slur.substring(0, hyphen));
        int last = Integer.parseInt(slur.substring(hyphen + 1));
        if (last >= events) {
          throw new IllegalArgumentException("'" + slur + "' ends behind the music");
        }
        slurs.add(new Span(first, last));
      }
    }
    return slurs;
  }
}
