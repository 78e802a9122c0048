package app.fret.reading;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.score.Directions;
import app.fret.score.Metre;
import app.fret.score.Passage;
import app.fret.score.Span;
import app.fret.testing.Music;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;
import org.junit.jupiter.api.Test;

/**
 * Where one breathes: rests, long notes, other levels, textures and registers, and what comes back,
 * by the grouping preference rules of F. Lerdahl and R. Jackendoff, 1983 (from memory).
 */
class PhrasesTest {
  private static final String QUICK =
      "C5/16 E5/16 G5/16 C6/16 G5/16 E5/16 C5/16 E5/16 G5/16 C6/16 G5/16 E5/16 C5/16 E5/16 G5/16 C6/16";

  private static List<Integer> starts(Passage passage) {
    Reading reading = Reading.of(passage);
    return reading.phrases().stream()
        .map(Span::first)
        .map(n -> reading.notes().get(n).bar() + 1)
        .toList();
  }

  private static Passage with(Passage passage, Directions.Dynamic... dynamics) {
    return passage.withDirections(
        new Directions(List.of(dynamics), List.of(), List.of(), List.of(), List.of(), List.of()));
  }

  /** A melody, a soft figure and a run, without a rest between them, are three. */
  @Test
  void levelAndTexturePartAMelodyFromAFigure() {
    Passage passage =
        with(
            Music.passage(
                "A5/2 G5/4 F5/4 | E5/2 D5/4 C5/4 | D5/4 E5/4 F5/4 G5/4 | E5/2 C5/2"
                    + (" | " + QUICK).repeat(2)
                    + " | C5/8 D5/8 E5/8 F5/8 G5/8 A5/8 B5/8 C6/8 | D6/8 C6/8 B5/8 A5/8 G5/8 F5/8"
                    + " E5/8 D5/8"),
            new Directions.Dynamic(Fraction.ZERO, "f"),
            new Directions.Dynamic(Fraction.of(4, 1), "pp"),
            new Directions.Dynamic(Fraction.of(6, 1), "f"));
    assertThat(starts(passage)).containsExactly(1, 5, 7);
  }

  @Test
  void anUnmarkedPageOfQuickNotesIsNoSinglePhrase() {
    String other =
        "D5/16 F5/16 A5/16 D6/16 A5/16 F5/16 D5/16 F5/16 A5/16 D6/16 A5/16 F5/16 D5/16 F5/16 A5/16 D6/16";
    List<String> bars = new ArrayList<>(Collections.nCopies(4, QUICK));
    bars.addAll(List.of(other, QUICK, other, QUICK));
    assertThat(starts(Music.passage(String.join(" | ", bars)))).startsWith(1, 5);
  }

  /** The breath stands before the upbeat, not before the bar. */
  @Test
  void phrasesBeginWithTheirUpbeats() {
    Passage passage =
        Music.passage(
            Metre.of(3, 4),
            "C5/4 E5/4 G5/4 | G5/4 F5/4 E5/4 | D5/4 E5/4 F5/4 | E5/2 G4/4"
                + " | C5/4 E5/4 G5/4 | A5/4 G5/4 F5/4 | E5/4 D5/4 D5/4 | C5/2.");
    Reading reading = Reading.of(passage);
    assertThat(reading.phrases()).extracting(Span::first).containsExactly(0, 10);
    assertThat(reading.whyBreath(10)).contains("a long note", "what comes back");
  }

  /** Nobody breathes inside a slur, however long its first note. */
  @Test
  void aSlurHoldsItsNotesTogether() {
    String tune = "C5/4 D5/4 E5/4 F5/4 | G5/2. ";
    Passage apart = Music.passage(tune + "A5/4 | " + tune + "E5/4 | C5/1");
    Passage slurred =
        Music.passage(
            "C5/4 D5/4 E5/4 F5/4 | (G5/2. A5/4) | C5/4 D5/4 E5/4 F5/4 | G5/2. E5/4 | C5/1");
    assertThat(Reading.of(apart).phrases()).extracting(Span::first).contains(5);
    assertThat(Reading.of(slurred).phrases()).extracting(Span::first).doesNotContain(5);
  }

  @Test
  void aRestBetweenEveryTwoNotesPartsNothing() {
    String bar = "C5/8 r/8 D5/8 r/8 E5/8 r/8 F5/8 r/8";
    String rising = "G5/8 r/8 A5/8 r/8 B5/8 r/8 C6/8 r/8";
    assertThat(starts(Music.passage(bar + " | " + rising))).containsExactly(1);
  }

  @Test
  void anotherWayToSoundTheStringBeginsAPhrase() {
    String bar = "C5/4 D5/4 E5/4 F5/4 | G5/4 F5/4 E5/4 D5/4";
    Passage passage =
        Music.passage(bar + " | E5/4 D5/4 F5/4 A5/4 | G5/4 B5/4 A5/4 F5/4")
            .withDirections(
                new Directions(
                    List.of(),
                    List.of(),
                    List.of(new Directions.Words(Fraction.of(2, 1), "pizz.", false)),
                    List.of(),
                    List.of(),
                    List.of()));
    assertThat(starts(passage)).containsExactly(1, 3);
  }
}
