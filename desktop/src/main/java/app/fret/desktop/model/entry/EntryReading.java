package app.fret.desktop.model.entry;

import app.fret.desktop.model.work.Words;
import app.fret.files.abc.AbcProblem;
import app.fret.files.abc.AbcReader;
import app.fret.files.abc.AbcRewriter;
import app.fret.files.abc.AbcTune;
import app.fret.score.Bar;
import app.fret.score.Event;
import app.fret.score.Note;
import app.fret.score.Passage;
import app.fret.score.Sounding;
import app.fret.score.WrittenPitch;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * What is understood of music while it is typed.
 *
 * @param text the text
 * @param tune what was read of it
 */
public record EntryReading(String text, AbcTune tune) {
  /** Reads a text as far as it goes. */
  public static EntryReading of(String text) {
    return new EntryReading(text, AbcReader.read(text));
  }

  /** What must be mended before the music can be taken. */
  public List<AbcProblem> toMend() {
    return tune.problems().stream().filter(AbcProblem::serious).toList();
  }

  /** What may stand but is worth a look. */
  public List<AbcProblem> toLookAt() {
    return tune.problems().stream().filter(p -> !p.serious()).toList();
  }

  /** The next problem behind a place in the text, or the first of all. */
  public Optional<AbcProblem> problemAfter(int caret) {
    List<AbcProblem> all = tune.problems();
    return all.stream()
        .filter(p -> p.from() > caret)
        .findFirst()
        .or(() -> all.stream().findFirst());
  }

  /** The problem at a place in the text, else the first that must be mended, else the first. */
  public Optional<AbcProblem> problemAt(int caret) {
    return tune.problems().stream()
        .filter(p -> p.from() <= caret && caret <= p.to())
        .findFirst()
        .or(() -> toMend().stream().findFirst())
        .or(() -> tune.problems().stream().findFirst());
  }

  /** The event that was typed last before a place in the text. */
  public OptionalInt eventAt(int caret) {
    int found = -1;
    for (int i = 0; i < tune.places().size(); i++) {
      found = tune.places().get(i) < caret ? i : found;
    }
    return found < 0 ? OptionalInt.empty() : OptionalInt.of(found);
  }

  /** How many notes and chords there are. */
  public int notes() {
    return (int) soundings().count();
  }

  private java.util.stream.Stream<Sounding> soundings() {
    return tune.passage().stream()
        .flatMap(p -> p.events().stream())
        .filter(Sounding.class::isInstance)
        .map(Sounding.class::cast);
  }

  /** The keys that the signature can mean. */
  public String keyWords() {
    return tune.passage().map(p -> Words.key(p.bars().get(0).key().fifths())).orElse("–");
  }

  /** The metre in figures. */
  public String metreWords() {
    return tune.passage().map(p -> Words.metre(p.bars().get(0).metre())).orElse("–");
  }

  /** From the lowest to the highest note. */
  public String rangeWords() {
    Comparator<WrittenPitch> order = Comparator.naturalOrder();
    List<WrittenPitch> pitches =
        soundings().flatMap(s -> s.notes().stream()).map(Note::written).sorted(order).toList();
    return pitches.isEmpty()
        ? "–"
        : pitches.get(0).display() + " to " + pitches.get(pitches.size() - 1).display();
  }

  /** How many bars are begun, and how many of them add up. */
  public String barWords() {
    List<Bar> bars = tune.passage().map(Passage::bars).orElse(List.of());
    long whole = bars.stream().filter(EntryReading::addsUp).count();
    return Words.count(bars.size(), "bar", "bars") + " begun, " + whole + " add up";
  }

  private static boolean addsUp(Bar bar) {
    return bar.metre().isFree() || bar.uncounted() || bar.length().equals(bar.metre().barLength());
  }

  /** How many beats are still to come in a bar, by its index; empty when it is full. */
  public Optional<String> beatsToCome(int bar) {
    return tune.passage()
        .map(p -> p.bars().get(Math.min(bar, p.bars().size() - 1)))
        .filter(b -> !b.metre().isFree() && b.length().compareTo(b.metre().barLength()) < 0)
        .map(b -> b.metre().barLength().subtract(b.length()).multiply(b.metre().unit()))
        .map(EntryReading::beatWords);
  }

  private static String beatWords(Fraction beat) {
    int whole = (int) Math.floor(beat.doubleValue());
    Fraction rest = beat.subtract(whole);
    String part =
        switch (rest.getNumerator() + "/" + rest.getDenominator()) {
          case "0/1" -> "";
          case "1/2" -> "½";
          case "1/4" -> "¼";
          case "3/4" -> "¾";
          case "1/3" -> "⅓";
          case "2/3" -> "⅔";
          default -> " and a bit";
        };
    return whole == 0 && !part.isEmpty() ? part : whole + part;
  }

  /** Where a place in the text lies in the music. */
  public String placeWords(int caret) {
    return placeWords(eventAt(caret));
  }

  /** Where an event lies in the music. */
  public String placeWords(OptionalInt event) {
    if (event.isEmpty() || tune.passage().isEmpty()) {
      return "before the first note";
    }
    Passage passage = tune.passage().get();
    Event at = passage.events().get(Math.min(event.getAsInt(), passage.events().size() - 1));
    Bar bar = passage.bars().get(at.bar());
    Fraction beat = bar.placeInMetre(at.onset()).multiply(bar.metre().unit()).add(1);
    return "bar " + bar.label() + ", beat " + beatWords(beat);
  }

  /** The music, or one silent bar under what the head says where none is written yet. */
  public Passage music() {
    return tune.passage()
        .or(() -> AbcReader.read(text.stripTrailing() + "\nZ |\n").passage())
        .orElseThrow(() -> new IllegalStateException("a rest is no music"));
  }

  /** The text brought up to date with music that was edited on the staff. */
  public EntryReading rewritten(Passage music) {
    String now = AbcRewriter.rewrite(text, tune, music);
    return now.equals(text) ? this : of(now);
  }
}
