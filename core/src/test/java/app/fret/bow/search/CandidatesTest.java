package app.fret.bow.search;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.bow.Bowed;
import app.fret.bow.stroke.BowLine;
import app.fret.bow.stroke.BowSchool;
import app.fret.bow.stroke.BowedNote;
import app.fret.bow.stroke.Draft;
import app.fret.bow.stroke.NoteCuts;
import app.fret.brief.Brief;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.BeatUnit;
import app.fret.score.Directions;
import app.fret.score.Passage;
import app.fret.score.Span;
import app.fret.score.Tempo;
import app.fret.testing.Briefs;
import app.fret.testing.Music;
import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;
import org.junit.jupiter.api.Test;

/** Which strokes may be taken in a school and under decisions. */
class CandidatesTest {
  private static Brief brief(Passage passage, double perMinute) {
    Player player = Player.of("", Instruments.named("violin"));
    return Briefs.of(passage, player, new Tempo(BeatUnit.QUARTER, perMinute));
  }

  private static List<Span> spans(String music, BowSchool school) {
    BowLine line = Bowed.line(brief(Music.passage(music), 80));
    return new Candidates(line, school, Bowed.NOTHING).all().stream().map(Draft::notes).toList();
  }

  private static Draft draft(String music, int first, int last) {
    BowLine line = Bowed.line(brief(Music.passage(music), 80));
    return new Candidates(line, BowSchool.FREE, Bowed.NOTHING)
        .all().stream()
            .filter(d -> d.notes().equals(new Span(first, last)))
            .findFirst()
            .orElseThrow();
  }

  @Test
  void whereThePartIsKeptThereIsOneStrokeForEachOfTheParts() {
    String music = "(C5/4 D5/4) E5/4 F5/4";
    for (BowSchool school : List.of(BowSchool.PRINTED, BowSchool.SECTION)) {
      assertThat(spans(music, school))
          .containsExactly(new Span(0, 1), new Span(2, 2), new Span(3, 3));
    }
  }

  @Test
  void theFreeSchoolAddsPiecesAndJoins() {
    assertThat(spans("(C5/4 D5/4) E5/4 F5/4", BowSchool.FREE))
        .containsExactly(
            new Span(0, 0),
            new Span(0, 1),
            new Span(1, 1),
            new Span(2, 2),
            new Span(2, 3),
            new Span(3, 3));
  }

  @Test
  void aCutOnABeatIsCheaperThanOneElsewhere() {
    String slur = "(C5/8 D5/8 E5/8 F5/8) G5/2";
    assertThat(draft(slur, 0, 1).price()).as("the first piece").isZero();
    double onBeat = draft(slur, 2, 3).price();
    assertThat(draft(slur, 1, 3).price()).isGreaterThan(onBeat);
    assertThat(draft(slur, 3, 3).price()).isGreaterThan(onBeat);
    assertThat(onBeat).isPositive();
  }

  @Test
  void aJoinHasAPriceAndNothingIsJoinedOverARestOrABowSign() {
    assertThat(draft("C5/4 D5/4 r/2", 0, 1).price()).isPositive();
    assertThat(spans("C5/4 r/4 D5/4 r/4", BowSchool.FREE)).doesNotContain(new Span(0, 1));
    assertThat(spans("C5/4 D5/4v E5/2", BowSchool.FREE)).doesNotContain(new Span(0, 1));
  }

  @Test
  void longSlursAreCutOnBeatsOnly() {
    String run = "C5/16 D5/16 E5/16 F5/16 ";
    List<Span> spans = spans("(" + run.repeat(4).trim() + ")", BowSchool.FREE);
    assertThat(spans).hasSize(10).allMatch(s -> s.first() % 4 == 0 && s.last() % 4 == 3);
  }

  @Test
  void aLongNoteIsDividedOnItsBeatsWhereTheBowIsShort() {
    Brief slow = brief(Music.passage("C5/1 | D5/4 r/2."), 34);
    BowLine line =
        new BowLine(slow, Bowed.strings(slow), new NoteCuts(slow, BowSchool.FREE, Bowed.NOTHING));
    assertThat(line.notes()).hasSize(5);
    assertThat(line.note(2).number()).isZero();
    assertThat(line.note(2).from()).isEqualTo(0.5);
    assertThat(line.note(2).stress()).isEqualTo(BowedNote.HALF_BAR);
    assertThat(line.pieces(new Span(1, 1))).isEqualTo(new Span(4, 4));
    Brief quick = brief(Music.passage("C5/1 | D5/4 r/2."), 120);
    BowLine whole =
        new BowLine(
            quick, Bowed.strings(quick), new NoteCuts(quick, BowSchool.FREE, Bowed.NOTHING));
    assertThat(whole.notes()).hasSize(2);
  }

  @Test
  void piecesOfANoteHaveNoAccentRestOrSignOfTheirOwn() {
    Brief slow = brief(Music.passage("r/4 C5/2.^ | D5/4 r/2."), 24);
    BowLine line =
        new BowLine(slow, Bowed.strings(slow), new NoteCuts(slow, BowSchool.FREE, Bowed.NOTHING));
    assertThat(line.note(0).printed()).isPresent();
    assertThat(line.note(1).printed()).isEmpty();
    assertThat(line.note(1).silenceSeconds()).isZero();
    assertThat(line.note(1).isInside()).isTrue();
    double together =
        line.notes().stream().filter(n -> n.number() == 0).mapToDouble(BowedNote::seconds).sum();
    assertThat(together).isEqualTo(slow.timeline().lengthSeconds(0));
  }

  @Test
  void pluckedNotesHaveNoStroke() {
    Directions.Words plucked = new Directions.Words(Fraction.ZERO, "pizz.", true);
    Passage passage =
        Music.passage("C5/4 D5/4 E5/4 F5/4")
            .withDirections(
                new Directions(
                    List.of(), List.of(), List.of(plucked), List.of(), List.of(), List.of()));
    BowLine line = Bowed.line(brief(passage, 80));
    Candidates candidates = new Candidates(line, BowSchool.FREE, Bowed.NOTHING);
    assertThat(candidates.all()).isEmpty();
    assertThat(candidates.plucked()).hasSize(4);
    assertThat(line.lastBowed()).isEqualTo(-1);
  }
}
