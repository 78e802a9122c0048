package app.fret.study;

import app.fret.lefthand.Pin;
import app.fret.reading.NotePlaces;
import app.fret.reading.PlayedNote;
import app.fret.reading.layers.LayerChoices;
import app.fret.reading.layers.LayerMark;
import app.fret.reading.layers.Origin;
import app.fret.score.BowDirection;
import app.fret.score.Directions;
import app.fret.score.Event;
import app.fret.score.Finger;
import app.fret.score.Note;
import app.fret.score.NoteRef;
import app.fret.score.Passage;
import app.fret.score.Sounding;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Function;

/**
 * The page with the marks of those who are shown: what they agree on stands once, where they differ
 * each stands beside the others with its name.
 *
 * @param passage the passage to engrave
 * @param beside by event: named marks that differ, from the note upwards
 */
public record LayeredPage(Passage passage, Map<Integer, List<String>> beside) {

  /** The layers of a study, by origin, in their order: printed ones, added ones, the pins. */
  public static Map<Origin, Map<NoteRef, LayerMark>> layers(Study study) {
    LayerChoices choices = study.choices().layers();
    Map<Origin, Map<NoteRef, LayerMark>> layers = new EnumMap<>(Origin.class);
    Map<NoteRef, LayerMark> printed =
        LayerChoices.printed(study.passage(), study.notes(), study.places());
    if (!printed.isEmpty()) {
      layers.put(choices.printedBy(), printed);
    }
    layers.putAll(choices.added());
    Map<NoteRef, LayerMark> own = own(study);
    if (!own.isEmpty()) {
      layers.put(Origin.SELF, own);
    }
    return layers;
  }

  private static Map<NoteRef, LayerMark> own(Study study) {
    Map<NoteRef, LayerMark> own = new LinkedHashMap<>();
    for (Pin pin : study.pins()) {
      NotePlaces places = study.places();
      int head = pin.head().orElse(places.of(pin.note()).size() - 1);
      LayerMark mark =
          new LayerMark(pin.finger(), pin.string(), Optional.empty(), Optional.empty());
      if (!mark.isEmpty()) {
        own.put(places.of(pin.note()).get(head), mark);
      }
    }
    return own;
  }

  /** The page of a study. */
  public static LayeredPage of(Study study) {
    return new Maker(study).page();
  }

  /** Numbers of the notes at which the layers that are shown differ. */
  public static List<Integer> differing(Study study) {
    Maker maker = new Maker(study);
    maker.page();
    return maker.differing.stream().sorted().toList();
  }

  /** Makes one page; its fields live as long. */
  private static final class Maker {
    private final Study study;
    private final Map<Origin, Map<NoteRef, LayerMark>> shown = new EnumMap<>(Origin.class);
    private final List<Event> events;
    private final Map<Integer, List<String>> beside = new HashMap<>();
    private final Set<Integer> differing = new HashSet<>();
    private final List<Directions.Dynamic> dynamics = new ArrayList<>();

    Maker(Study study) {
      this.study = study;
      this.events = new ArrayList<>(study.passage().events());
      layers(study)
          .forEach(
              (origin, marks) -> {
                if (study.choices().layers().shows(origin)) {
                  shown.put(origin, marks);
                }
              });
    }

    LayeredPage page() {
      study.notes().forEach(this::add);
      Passage passage = study.passage().withEvents(events);
      boolean printedShown = study.choices().layers().shows(study.choices().layers().printedBy());
      Directions all = passage.directions();
      Directions shownOnes =
          new Directions(
              dynamics(all, printedShown),
              all.hairpins(),
              all.words(),
              all.tempos(),
              all.rehearsals(),
              all.octaveShifts());
      return new LayeredPage(passage.withDirections(shownOnes), beside);
    }

    /** Loudness that stands at no note is printed as it was. */
    private List<Directions.Dynamic> dynamics(Directions all, boolean printedShown) {
      Set<Object> onsets = new HashSet<>();
      study.notes().forEach(n -> onsets.add(n.onset()));
      List<Directions.Dynamic> kept = new ArrayList<>(dynamics);
      all.dynamics().stream()
          .filter(d -> printedShown && !onsets.contains(d.onset()))
          .forEach(kept::add);
      kept.sort(java.util.Comparator.comparing(Directions.Dynamic::onset));
      return kept;
    }

    private void add(PlayedNote note) {
      List<NoteRef> refs = study.places().of(note.number());
      int event = note.events().first();
      Sounding sounding = (Sounding) events.get(event);
      List<Note> heads = new ArrayList<>();
      for (int head = 0; head < refs.size(); head++) {
        NoteRef at = refs.get(head);
        Optional<Finger> finger = agreed(note, at, LayerMark::finger, Finger::sign);
        Optional<Integer> string =
            agreed(note, at, Maker::string, app.fret.instrument.Instrument::numeral);
        heads.add(
            sounding
                .notes()
                .get(head)
                .withFingering(finger, string.map(OptionalInt::of).orElse(OptionalInt.empty())));
      }
      NoteRef top = refs.get(refs.size() - 1);
      Optional<BowDirection> bow =
          agreed(note, top, LayerMark::bow, b -> b == BowDirection.DOWN ? "down" : "up");
      agreed(note, top, LayerMark::dynamic, d -> d)
          .ifPresent(d -> dynamics.add(new Directions.Dynamic(note.onset(), d)));
      events.set(event, sounding.withNotes(heads).withMarks(sounding.marks().withBow(bow)));
    }

    private static Optional<Integer> string(LayerMark mark) {
      return mark.string().isPresent() ? Optional.of(mark.string().getAsInt()) : Optional.empty();
    }

    /** What all say that say something; where they differ each goes beside, and nothing here. */
    private <T> Optional<T> agreed(
        PlayedNote note,
        NoteRef at,
        Function<LayerMark, Optional<T>> what,
        Function<T, String> words) {
      Map<Origin, T> said = new EnumMap<>(Origin.class);
      shown.forEach(
          (origin, marks) ->
              Optional.ofNullable(marks.get(at))
                  .flatMap(what)
                  .ifPresent(value -> said.put(origin, value)));
      if (new HashSet<>(said.values()).size() <= 1) {
        return said.values().stream().findFirst();
      }
      differing.add(note.number());
      said.forEach(
          (origin, value) ->
              beside
                  .computeIfAbsent(note.events().first(), e -> new ArrayList<>())
                  .add(words.apply(value) + " " + origin.words()));
      return Optional.empty();
    }
  }
}
