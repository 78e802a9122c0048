package app.fret.bow;

import app.fret.bow.stroke.BowLine;
import app.fret.brief.Brief;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.BeatUnit;
import app.fret.score.Directions;
import app.fret.score.Marks;
import app.fret.score.Note;
import app.fret.score.NoteValue;
import app.fret.score.Passage;
import app.fret.score.PassageBuilder;
import app.fret.score.Tempo;
import app.fret.score.WrittenLength;
import app.fret.score.WrittenPitch;
import app.fret.testing.Briefs;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Passages of equal notes with signs, one word a note: {@code .} a dot, {@code >} an accent, both
 * together, {@code -} none, {@code o} a rest; brackets slur.
 */
public final class Signed {
  private final PassageBuilder passage = new PassageBuilder().title("Test").part("Part");
  private final NoteValue value;
  private int slurStart;

  private Signed(NoteValue value) {
    this.value = value;
  }

  /** The passage of a line of words, all on one pitch. */
  public static Passage passage(NoteValue value, String dynamic, String words) {
    Signed signed = new Signed(value);
    signed.passage.bar();
    for (String word : words.split("\\s+")) {
      signed.add(word);
    }
    Directions.Dynamic level = new Directions.Dynamic(Fraction.ZERO, dynamic);
    return signed
        .passage
        .build()
        .withDirections(
            new Directions(List.of(level), List.of(), List.of(), List.of(), List.of(), List.of()));
  }

  /** The same, for a violin at a tempo, with every note on these strings in turn. */
  public static BowLine line(Passage passage, double quartersPerMinute, int... strings) {
    Player player = Player.of("", Instruments.named("violin"));
    Brief brief = Briefs.of(passage, player, new Tempo(BeatUnit.QUARTER, quartersPerMinute));
    List<List<Integer>> all = new ArrayList<>();
    for (int i = 0; i < brief.notes().size(); i++) {
      all.add(List.of(strings[i % strings.length]));
    }
    return new BowLine(brief, all);
  }

  private void add(String word) {
    if (word.startsWith("(")) {
      slurStart = passage.nextEvent();
    }
    Marks marks = Marks.NONE;
    marks = word.contains(".") ? marks.toggled(Marks.Articulation.STACCATO) : marks;
    marks = word.contains(">") ? marks.toggled(Marks.Articulation.ACCENT) : marks;
    if (word.contains("o")) {
      passage.rest(WrittenLength.of(value));
    } else {
      passage.sounding(WrittenLength.of(value), List.of(Note.of(WrittenPitch.parse("C5"))), marks);
    }
    if (word.endsWith(")")) {
      passage.slur(slurStart, passage.nextEvent() - 1);
    }
  }
}
