package app.fret.study;

import app.fret.bow.stroke.Stroke;
import app.fret.bow.stroke.StrokeKind;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.hand.Stop;
import app.fret.reading.PlayedNote;
import app.fret.reading.StrokeGroups;
import app.fret.score.BowDirection;
import app.fret.score.Directions;
import app.fret.score.Event;
import app.fret.score.Finger;
import app.fret.score.Note;
import app.fret.score.Passage;
import app.fret.score.Sounding;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Writes a plan into the notes of its passage, as a player would pencil it in.
 *
 * <p>A finger stands at every note, a string where it changes, a bow sign where a player would look
 * for one: at the first stroke, at the first of each bar, after a rest, where the part has one, and
 * where the direction does not simply turn. What was printed there before gives way.
 */
public final class MarkedPassage {
  /** A change inside a note stands on a place that note values can say. */
  private static final int PARTS_OF_A_NOTE = 48;

  private final Study study;
  private final List<Event> events;

  private MarkedPassage(Study study) {
    this.study = study;
    this.events = new ArrayList<>(study.passage().events());
  }

  /** The passage with fingers, strings and bow signs of its plan. */
  public static Passage of(Study study) {
    MarkedPassage marked = new MarkedPassage(study);
    marked.markFingers();
    marked.markBows();
    return study
        .passage()
        .withEvents(marked.events)
        .withSlurs(BowedSlurs.of(study))
        .withDirections(marked.directions());
  }

  /** Where the bow changes inside a note, a word says so. */
  private Directions directions() {
    Directions printed = study.passage().directions();
    List<Directions.Words> words = new ArrayList<>(printed.words());
    for (Stroke stroke : study.bow().strokes()) {
      if (stroke.beginsInside()) {
        PlayedNote note = study.notes().get(stroke.firstNote());
        int parts = (int) Math.round(stroke.from() * PARTS_OF_A_NOTE);
        Fraction within = note.length().multiply(Fraction.of(parts, PARTS_OF_A_NOTE));
        String way = stroke.direction() == BowDirection.UP ? "change, up" : "change, down";
        words.add(new Directions.Words(note.onset().add(within), way, true));
      }
    }
    words.sort(Comparator.comparing(Directions.Words::onset));
    return new Directions(
        printed.dynamics(),
        printed.hairpins(),
        words,
        printed.tempos(),
        printed.rehearsals(),
        printed.octaveShifts());
  }

  private void markFingers() {
    List<Integer> before = List.of();
    for (NotePlan plan : study.leftHand().notes()) {
      List<Stop> stops = plan.placement().stops();
      List<Integer> strings = stops.stream().map(Stop::string).toList();
      boolean newStrings = !strings.equals(before) && !stops.isEmpty();
      before = stops.isEmpty() ? before : strings;
      markFingers(plan.note(), stops, newStrings);
    }
  }

  private void markFingers(PlayedNote note, List<Stop> stops, boolean withStrings) {
    for (int event = note.events().first(); event <= note.events().last(); event++) {
      boolean start = event == note.events().first();
      Sounding sounding = (Sounding) events.get(event);
      List<Note> heads = new ArrayList<>();
      for (int i = 0; i < sounding.notes().size(); i++) {
        boolean marked = start && !stops.isEmpty();
        Optional<Finger> finger = marked ? Optional.of(stops.get(i).finger()) : Optional.empty();
        OptionalInt string =
            marked && withStrings ? OptionalInt.of(stops.get(i).string()) : OptionalInt.empty();
        heads.add(sounding.notes().get(i).withFingering(finger, string));
      }
      events.set(event, sounding.withNotes(heads));
    }
  }

  private void markBows() {
    List<Stroke> strokes = study.bow().strokes();
    for (int s = 0; s < strokes.size(); s++) {
      Stroke stroke = strokes.get(s);
      boolean shown = isBowed(stroke) && (s == 0 || isWorthASign(strokes.get(s - 1), stroke));
      int first = stroke.beginsInside() ? stroke.firstNote() + 1 : stroke.firstNote();
      for (int n = first; n <= stroke.lastNote(); n++) {
        boolean sign = shown && n == signed(stroke);
        setBow(n, sign ? Optional.of(stroke.direction()) : Optional.empty());
      }
    }
  }

  /** The sign stands over the note that grace notes lead to. */
  private int signed(Stroke stroke) {
    Span notes = new Span(stroke.firstNote(), stroke.lastNote());
    return StrokeGroups.withoutGraces(notes, study.notes()).first();
  }

  private static boolean isBowed(Stroke stroke) {
    return !stroke.beginsInside() && stroke.kind() != StrokeKind.PIZZICATO;
  }

  private boolean isWorthASign(Stroke before, Stroke stroke) {
    PlayedNote last = study.notes().get(before.lastNote());
    PlayedNote first = study.notes().get(stroke.firstNote());
    return stroke.direction() == before.direction()
        || first.bar() != last.bar()
        || !last.end().equals(first.onset());
  }

  private void setBow(int note, Optional<BowDirection> direction) {
    int event = study.notes().get(note).events().first();
    Sounding sounding = (Sounding) events.get(event);
    events.set(event, sounding.withMarks(sounding.marks().withBow(direction)));
  }
}
