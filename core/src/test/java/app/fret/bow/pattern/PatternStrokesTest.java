package app.fret.bow.pattern;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fret.bow.stroke.BowChoices;
import app.fret.bow.stroke.DecidedGroups;
import app.fret.bow.stroke.StrokeAt;
import app.fret.bow.stroke.StrokeDecision;
import app.fret.bow.stroke.StrokeDecision.Act;
import app.fret.reading.Reading;
import app.fret.score.Metre;
import app.fret.score.Span;
import app.fret.testing.Music;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Bowings as players speak of them (common practice, no source), as strokes. */
class PatternStrokesTest {
  private static final String BAR =
      "C5/16 D5/16 E5/16 F5/16 G5/16 F5/16 E5/16 D5/16 C5/8 E5/8 G5/4";

  /** Sizes of the strokes with a pattern over all notes. */
  private static String sizes(Reading reading, Pattern pattern) {
    Span all = new Span(0, reading.notes().size() - 1);
    BowChoices choices = PatternStrokes.with(BowChoices.none(), reading, all, pattern);
    return DecidedGroups.of(reading, choices).groups().stream()
        .map(g -> String.valueOf(g.last() - g.first() + 1))
        .collect(Collectors.joining(" "));
  }

  @ParameterizedTest
  @CsvSource({
    "SEPARATE, 1 1 1 1 1 1 1 1 1 1 1",
    "TWO_AND_TWO, 2 2 2 2 2 1",
    "THREE_AND_ONE, 3 1 3 1 2 1",
    "SLUR_TWO_TWO_SEPARATE, 2 1 1 2 1 1 2 1",
    "BEAT, 4 4 2 1",
    "HALF_BAR, 8 3",
    "BAR, 11",
  })
  void aPatternCountsWithinNotesOfOneValueAndWithinTheBar(Pattern pattern, String sizes) {
    assertThat(sizes(Reading.of(Music.passage(BAR)), pattern)).isEqualTo(sizes);
  }

  @Test
  void printedSlursGiveWayToThePatternAndRestsEndAStroke() {
    Reading reading = Reading.of(Music.passage("(C5/8 D5/8 E5/8 F5/8) r/8 G5/8 A5/8 B5/8"));
    assertThat(sizes(reading, Pattern.SEPARATE)).isEqualTo("1 1 1 1 1 1 1");
    assertThat(sizes(reading, Pattern.BAR)).isEqualTo("4 3");
  }

  @Test
  void theFeltBeatsOfSixEighthsAreItsBeats() {
    Reading reading = Reading.of(Music.passage(Metre.of(6, 8), "C5/8 D5/8 E5/8 F5/4 G5/8"));
    assertThat(sizes(reading, Pattern.BEAT)).isEqualTo("3 2");
    assertThat(sizes(reading, Pattern.HALF_BAR)).isEqualTo("3 2");
  }

  @Test
  void graceNotesGoWithTheirNote() {
    Reading reading = Reading.of(Music.passage("C5/8 gD5/8 E5/8 F5/8 G5/8 A5/2"));
    assertThat(sizes(reading, Pattern.TWO_AND_TWO)).isEqualTo("3 2 1");
  }

  /** Hooks are for true dotted pairs: not for a run behind a long note, nor for even notes. */
  @Test
  void onlyTheShortNoteOfADottedPairIsHooked() {
    assertThat(hooked("C5/8. D5/16 E5/8. F5/16 G5/2")).containsExactly(1, 3);
    assertThat(hooked("C5/4. D5/8 E5/8 F5/8 G5/4")).isEmpty();
    assertThat(hooked("C5/16 D5/16 E5/16 F5/16 G5/2.")).isEmpty();
  }

  private static List<Integer> hooked(String music) {
    Reading reading = Reading.of(Music.passage(music));
    Span all = new Span(0, reading.notes().size() - 1);
    return PatternStrokes.with(BowChoices.none(), reading, all, Pattern.HOOKED).strokes().stream()
        .filter(s -> s.decision().act() == Act.HOOK)
        .map(s -> reading.places().find(s.at()).orElseThrow().note())
        .toList();
  }

  @Test
  void aPatternTakesThePlaceOfAnEarlierOneAndKeepsKindsAndTheNotesBeside() {
    Reading reading = Reading.of(Music.passage(BAR + " | " + BAR));
    Span first = new Span(0, 10);
    BowChoices before =
        BowChoices.none()
            .with(at(reading, 2, StrokeDecision.of(Act.UP)))
            .with(at(reading, 3, StrokeDecision.parse("kind:spiccato")))
            .with(at(reading, 14, StrokeDecision.of(Act.UP)));
    BowChoices beats = PatternStrokes.with(before, reading, first, Pattern.BEAT);
    BowChoices separate = PatternStrokes.with(beats, reading, first, Pattern.SEPARATE);

    assertThat(separate.strokes())
        .contains(at(reading, 3, StrokeDecision.parse("kind:spiccato")))
        .contains(at(reading, 14, StrokeDecision.of(Act.UP)))
        .doesNotContain(at(reading, 2, StrokeDecision.of(Act.UP)))
        .noneMatch(s -> s.decision().act() == Act.JOIN);
  }

  private static StrokeAt at(Reading reading, int note, StrokeDecision decision) {
    return new StrokeAt(reading.places().top(note), decision);
  }

  @Test
  void anUnknownPatternNamesThoseThereAre() {
    assertThatThrownBy(() -> Pattern.named("zigzag"))
        .hasMessageContaining("zigzag")
        .hasMessageContaining("three-and-one");
  }
}
