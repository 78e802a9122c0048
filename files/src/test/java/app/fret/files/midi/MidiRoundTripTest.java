package app.fret.files.midi;

import static app.fret.files.midi.MidiFiles.open;
import static app.fret.files.midi.MidiFiles.sounds;
import static app.fret.files.midi.MidiFiles.written;
import static org.assertj.core.api.Assertions.assertThat;

import app.fret.reading.PlayedNote;
import app.fret.score.Bar;
import app.fret.score.Event;
import app.fret.score.Passage;
import app.fret.score.PassageBuilder;
import app.fret.score.Sounding;
import app.fret.testing.RandomPassages;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.LongStream;
import org.apache.commons.numbers.fraction.Fraction;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Random music written as played notes and read back. */
class MidiRoundTripTest {
  /** Music of rests and short notes; by the usual settings such gaps are articulation. */
  private static final MidiSettings RESTS_ARE_MEANT = MidiSettings.USUAL.withLegato(false);

  static LongStream seeds() {
    return LongStream.range(0, 60);
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void whatIsWrittenReadsBackAsItSounds(long seed) throws Exception {
    Passage passage = inOneRow(RandomPassages.full(seed));
    MidiScore score = (MidiScore) open(written(passage));
    Passage back = score.with(RESTS_ARE_MEANT).read(0).passage();
    assertThat(sounds(back)).isEqualTo(sounds(passage));
  }

  /** The usual settings may take a short rest for articulation, and nothing else: no note moves. */
  @ParameterizedTest
  @MethodSource("seeds")
  void byTheUsualSettingsEveryNoteBeginsWhereItDidAndLastsNoShorter(long seed) throws Exception {
    Passage passage = inOneRow(RandomPassages.full(seed));
    List<PlayedNote> before = timed(passage);
    List<PlayedNote> after = timed(open(written(passage)).read(0).passage());
    assertThat(after).hasSameSizeAs(before);
    for (int i = 0; i < before.size(); i++) {
      assertThat(after.get(i).onset()).as("note " + i).isEqualTo(before.get(i).onset());
      Fraction end = after.get(i).end();
      Fraction limit = i + 1 < before.size() ? before.get(i + 1).onset() : end;
      assertThat(end).as("note " + i).isBetween(before.get(i).end(), limit);
    }
  }

  private static List<PlayedNote> timed(Passage passage) {
    return PlayedNote.of(passage).stream().filter(n -> !n.isGrace()).toList();
  }

  /** Without repeats, and with ties of whole chords alone: one head that is held on is no onset. */
  private static Passage inOneRow(Passage passage) {
    Set<Integer> joined = new HashSet<>();
    for (PlayedNote note : PlayedNote.of(passage)) {
      for (int i = note.events().first(); i <= note.events().last(); i++) {
        if (note.events().last() > note.events().first()) {
          joined.add(i);
        }
      }
    }
    PassageBuilder builder = new PassageBuilder().title("T").part("P");
    int event = 0;
    for (int bar = 0; bar < passage.bars().size(); bar++) {
      Bar whole = passage.bars().get(bar);
      List<Event> events = new ArrayList<>();
      while (event < passage.events().size() && passage.events().get(event).bar() == bar) {
        Event now = passage.events().get(event);
        boolean loose = now instanceof Sounding && !joined.contains(event++);
        event += now instanceof Sounding ? 0 : 1;
        events.add(loose ? untied((Sounding) now) : now);
      }
      Bar plain =
          new Bar(
              whole.label(),
              whole.uncounted(),
              whole.onset(),
              whole.length(),
              whole.metre(),
              whole.key(),
              whole.clefs(),
              Bar.Edges.PLAIN);
      builder.bar(plain, events);
    }
    return builder.transposition(passage.transposition()).build();
  }

  private static Sounding untied(Sounding sounding) {
    return sounding.withNotes(
        sounding.notes().stream().map(n -> n.withTies(false, false)).toList());
  }
}
