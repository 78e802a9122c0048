package app.fret.practice.drill;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.reading.PlayedNote;
import app.fret.score.BeatUnit;
import app.fret.score.BowDirection;
import app.fret.score.Clef;
import app.fret.score.Directions;
import app.fret.score.Event;
import app.fret.score.Marks.Articulation;
import app.fret.score.Metre;
import app.fret.score.Rest;
import app.fret.score.Span;
import app.fret.score.Tempo;
import app.fret.study.Choices;
import app.fret.study.Study;
import app.fret.testing.Music;
import java.util.List;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;
import org.junit.jupiter.api.Test;

/** Single drills as a teacher reads them, worked by hand (common practice, no source). */
class DrillRulesTest {
  private static final String PEDAL =
      "E5/16 A4/16 E5/16 B4/16 E5/16 C5/16 E5/16 B4/16 E5/16 D5/16 E5/16 C5/16 E5/16 B4/16 E5/16"
          + " A4/16 | A4/1";

  private static Study study(String instrument, Clef clef, Metre metre, String music, double at)
      throws Exception {
    Player player = Player.of("", Instruments.named(instrument));
    return Study.of(
        Music.passage(metre, 0, clef, music), player, Choices.at(new Tempo(BeatUnit.QUARTER, at)));
  }

  private static Study violin(String music, double perMinute) throws Exception {
    return study("violin", Clef.TREBLE, Metre.of(4, 4), music, perMinute);
  }

  private static Optional<DrillMusic> maybe(DrillKind kind, Study study) {
    return kind.make(study.drillSource(), new Span(0, study.notes().size() - 1));
  }

  private static DrillMusic drill(DrillKind kind, Study study) {
    return maybe(kind, study).orElseThrow();
  }

  private static List<String> pitches(DrillMusic drill) {
    return PlayedNote.of(drill.passage()).stream()
        .map(n -> n.notes().get(n.notes().size() - 1).written().toString())
        .toList();
  }

  private static List<String> words(DrillMusic drill) {
    return drill.passage().directions().words().stream().map(Directions.Words::text).toList();
  }

  @Test
  void rhythmsKeepTheSlursAndTheTurnsOfTheBow() throws Exception {
    DrillMusic set =
        drill(
            DrillKind.RHYTHM,
            violin("(C5/16 D5/16 E5/16 F5/16) (G5/16 F5/16 E5/16 D5/16) C5/2", 100));
    assertThat(set.passage().slurs()).hasSize(2 * RhythmDrills.SET.size());
    List<BowDirection> signs =
        PlayedNote.of(set.passage()).stream().flatMap(n -> n.marks().bow().stream()).toList();
    assertThat(signs).startsWith(BowDirection.DOWN, BowDirection.UP, BowDirection.DOWN);
    assertThat(signs).hasSize(3 * RhythmDrills.SET.size());
  }

  @Test
  void aRunIsDrilledToTheNoteItLandsOn() throws Exception {
    Study study = violin("C5/16 D5/16 E5/16 F5/16 G5/16 A5/16 G5/16 F5/16 E5/2", 100);
    ProposedDrill rhythm =
        study.drills().stream().filter(d -> d.kind() == DrillKind.RHYTHM).findFirst().orElseThrow();
    assertThat(rhythm.notes()).isEqualTo(new Span(0, 8));
  }

  @Test
  void rhythmsGoThroughTheWholeRunAndKeepItsRests() throws Exception {
    String eight = "C5/16 D5/16 E5/16 F5/16 G5/16 F5/16 E5/16 D5/16 ";
    Study study = violin(eight + eight + "| " + eight + eight + "| " + eight + "C5/4 r/4", 100);
    ProposedDrill rhythm =
        study.drills().stream().filter(d -> d.kind() == DrillKind.RHYTHM).findFirst().orElseThrow();
    assertThat(rhythm.notes()).isEqualTo(new Span(0, 40));
    Study broken = violin("C5/8 D5/8 r/4 E5/8 F5/8 G5/4", 60);
    List<Event> events = drill(DrillKind.RHYTHM, broken).passage().events();
    assertThat(events.get(2)).isInstanceOf(Rest.class);
    assertThat(events.get(2).length()).isEqualTo(Fraction.of(1, 4));
  }

  @Test
  void theWholeClimbHoldsTheSetOnEveryRung() throws Exception {
    Study study = violin("C5/16 D5/16 E5/16 F5/16 G5/16 F5/16 E5/16 D5/16 C5/2", 120);
    DrillMusic set = drill(DrillKind.RHYTHM, study);
    DrillMusic climb = drill(DrillKind.WHOLE_CLIMB, study);
    List<Double> rungs = study.practice().ladder().rungs();
    assertThat(climb.passage().directions().tempos())
        .extracting(m -> m.tempo().perMinute())
        .containsExactlyElementsOf(rungs);
    assertThat(PlayedNote.of(climb.passage()))
        .hasSize(rungs.size() * PlayedNote.of(set.passage()).size());
  }

  @Test
  void aSlurThatOneBowCannotHoldSlowlyIsCutAtABeat() throws Exception {
    Study study = violin("=f (C5/4 D5/4 E5/4 F5/4 | G5/4 A5/4 G5/4 F5/4) | E5/1", 60);
    List<Span> slurs = drill(DrillKind.WITHOUT_VIBRATO, study).passage().slurs();
    assertThat(slurs).startsWith(new Span(0, 2), new Span(3, 4), new Span(5, 7));
    Study fast = violin("=f (C5/4 D5/4 E5/4 F5/4 | G5/4 A5/4 G5/4 F5/4) | E5/1", 168);
    assertThat(drill(DrillKind.WITHOUT_VIBRATO, fast).passage().slurs()).startsWith(new Span(0, 7));
  }

  @Test
  void octavesBeginWithTheLowerVoice() throws Exception {
    Study study = violin("A4+A5/4 B4+B5/4 C5+C6/2", 60);
    DrillMusic alone = drill(DrillKind.VOICE_ALONE, study);
    assertThat(words(alone)).containsExactly("lower voice", "upper voice");
    assertThat(pitches(alone)).containsExactly("A4", "B4", "C5", "A5", "B5", "C6");
    assertThat(pitches(drill(DrillKind.VOICE_AND_PEDAL, study))).startsWith("A4", "B4", "C5");
  }

  @Test
  void aPedalFigureGivesItsTuneThenItsTuneWithThePedal() throws Exception {
    Study study = violin(PEDAL, 100);
    assertThat(pitches(drill(DrillKind.VOICE_ALONE, study)))
        .containsExactly("A4", "B4", "C5", "B4", "D5", "C5", "B4", "A4");
    List<Event> alone = drill(DrillKind.VOICE_ALONE, study).passage().events();
    assertThat(alone)
        .hasSize(8)
        .allSatisfy(e -> assertThat(e.length()).isEqualTo(Fraction.of(1, 8)));
    DrillMusic both = drill(DrillKind.VOICE_AND_PEDAL, study);
    assertThat(words(both)).containsExactly("the tune", "with the pedal");
    assertThat(pitches(both)).hasSize(8 + 16);
    assertThat(study.drills()).extracting(ProposedDrill::kind).contains(DrillKind.VOICE_ALONE);
  }

  @Test
  void oneVoiceNeedsTwo() throws Exception {
    assertThat(maybe(DrillKind.VOICE_ALONE, violin("A4/4 C5/4 E5/4 D5/4", 60))).isEmpty();
  }

  @Test
  void aNoteHeldOverTheBeatIsStruckOnItFirst() throws Exception {
    Study study = violin("C5/8 E5/4 D5/4 F5/4 E5/8 | D5/1", 90);
    DrillMusic held = drill(DrillKind.SYNCOPATION, study);
    assertThat(pitches(held))
        .startsWith("C5", "E5", "E5", "D5", "D5", "F5", "F5", "E5", "D5", "C5", "E5", "D5");
    List<PlayedNote> notes = PlayedNote.of(held.passage());
    assertThat(notes.get(2).marks().articulations()).contains(Articulation.ACCENT);
    assertThat(notes.get(1).marks().articulations()).isEmpty();
    assertThat(study.drills()).extracting(ProposedDrill::kind).contains(DrillKind.SYNCOPATION);
    assertThat(maybe(DrillKind.SYNCOPATION, violin("C5/4 E5/4 D5/2", 90))).isEmpty();
  }

  @Test
  void hookedNotesAreSeparateThenOnOpenStringsThenAsWritten() throws Exception {
    Study study = violin("(A4/8.' B4/16') (C5/8.' D5/16') E5/2", 80);
    DrillMusic hooked = drill(DrillKind.HOOKED_DOTS, study);
    assertThat(words(hooked))
        .containsExactly("separate, with a stop", "hooked, open strings", "as written");
    assertThat(hooked.passage().events().get(0).length()).isEqualTo(Fraction.of(1, 8));
    assertThat(hooked.passage().events().get(1)).isInstanceOf(Rest.class);
    assertThat(hooked.passage().slurs()).hasSize(4);
    assertThat(study.drills()).extracting(ProposedDrill::kind).contains(DrillKind.HOOKED_DOTS);
  }

  @Test
  void staccatoInOneBowBeginsWithOneNoteAndTwoInABow() throws Exception {
    Study study = violin("(C5/8' D5/8' E5/8' F5/8' G5/8' A5/8') B5/4", 80);
    DrillMusic staccato = drill(DrillKind.ONE_BOW_STACCATO, study);
    assertThat(pitches(staccato)).startsWith("C5", "C5", "C5", "C5", "C5", "C5");
    assertThat(pitches(staccato)).endsWith("C5", "D5", "E5", "F5", "G5", "A5");
    assertThat(staccato.passage().slurs().get(0)).isEqualTo(new Span(0, 1));
    Span last = staccato.passage().slurs().get(staccato.passage().slurs().size() - 1);
    assertThat(last.last() - last.first()).isEqualTo(5);
  }

  @Test
  void aTremoloIsMeasuredInFoursSixesAndEights() throws Exception {
    DrillMusic tremolo = drill(DrillKind.TREMOLO, violin("A4/1% | B4/1", 80));
    assertThat(words(tremolo))
        .containsExactly("4 a beat", "6 a beat", "8 a beat", "as fast as is loose");
    assertThat(PlayedNote.of(tremolo.passage())).hasSize(16 + 24 + 32 + 1);
  }

  @Test
  void aSuddenLevelIsPreparedInAStopThatShrinks() throws Exception {
    Study study = violin("=f C5/4 D5/4 E5/4 F5/4 | =pp G5/4 F5/4 E5/2", 90);
    DrillMusic level = drill(DrillKind.SUDDEN_LEVEL, study);
    List<Fraction> stops =
        level.passage().events().stream()
            .filter(e -> e instanceof Rest && e.onset().signum() > 0)
            .map(Event::length)
            .toList();
    assertThat(stops).contains(Fraction.of(1, 2), Fraction.of(1, 8));
    assertThat(words(level))
        .containsExactly("stop, lighten, new place", "stop, lighten, new place", "as written");
    assertThat(maybe(DrillKind.SUDDEN_LEVEL, violin("=f C5/4 D5/4 =mf E5/2", 90))).isEmpty();
  }

  @Test
  void theScaleHoldsTheShiftBothWays() throws Exception {
    Study study = violin("E5/4 B5/4 E6/4 A6/4 | E6/4 A6/4 E6/2", 120);
    DrillMusic scale = drill(DrillKind.SCALE_WITH_SHIFT, study);
    var hardest =
        study.leftHand().shifts().stream()
            .max(java.util.Comparator.comparingDouble(s -> s.bits()))
            .orElseThrow();
    String from = study.notes().get(hardest.fromNote()).notes().get(0).written().toString();
    String to = study.notes().get(hardest.toNote()).notes().get(0).written().toString();
    assertThat(pitches(scale)).containsSequence(from, to).containsSequence(to, from);
  }

  @Test
  void octavesThatKeepTheirFingersHaveNoGuide() throws Exception {
    Study study = violin("A4+A5/4 C5+C6/4 E5+E6/4 C5+C6/4 | B4+B5/1", 96);
    assertThat(study.leftHand().shifts()).isNotEmpty();
    assertThat(maybe(DrillKind.GUIDE_SLIDE, study)).isEmpty();
  }

  @Test
  void twoBeatsAreChainedByHalves() throws Exception {
    Study study = violin("(C5/16 D5/16 E5/16 F5/16) (G5/16 A5/16 B5/16 C6/16) D6/2", 92);
    DrillMusic chain =
        DrillKind.CHAIN_FORWARD.make(study.drillSource(), new Span(0, 8)).orElseThrow();
    assertThat(pitches(chain)).startsWith("C5", "D5", "D5", "C5", "C5", "D5", "E5");
    assertThat(pitches(chain)).endsWith("B5", "C6", "D6");
  }

  @Test
  void restsShowTheBeats() throws Exception {
    DrillMusic read = drill(DrillKind.INNER_PULSE, violin("C5/8 D5/8 E5/8 F5/8 G5/2 | C5/1", 90));
    assertThat(read.passage().events().stream().filter(Rest.class::isInstance))
        .extracting(Event::length)
        .containsExactly(Fraction.of(1, 8), Fraction.of(1, 4), Fraction.of(1, 2));
  }

  @Test
  void aDrillOfItsOwnTempoKeepsItAndAnyOtherIsGivenOne() throws Exception {
    Study study = violin("C5/16 D5/16 E5/16 F5/16 G5/16 F5/16 E5/16 D5/16 C5/2", 120);
    Tempo slow = study.choices().target().at(66);
    assertThat(drill(DrillKind.RHYTHM, study).at(slow).passage().directions().tempos())
        .extracting(Directions.TempoMark::tempo)
        .containsExactly(slow);
    DrillMusic climb = drill(DrillKind.WHOLE_CLIMB, study);
    assertThat(climb.at(slow)).isEqualTo(climb);
  }

  @Test
  void anyNotesHaveAllDrillsThatFitThem() throws Exception {
    Study study = violin("C5/16 D5/16 E5/16 F5/16 G5/16 F5/16 E5/16 D5/16 C5/4 E5+G5/4", 120);
    List<ProposedDrill> drills = DrillChoice.of(study.drillSource(), new Span(0, 8));
    assertThat(drills)
        .extracting(ProposedDrill::kind)
        .contains(
            DrillKind.RHYTHM,
            DrillKind.DOUBLED_NOTES,
            DrillKind.ACCENTED_GROUPS,
            DrillKind.CHAIN_BACK,
            DrillKind.LAST_FIRST)
        .doesNotContain(DrillKind.LOWER_BOTH_UPPER, DrillKind.TREMOLO, DrillKind.SYNCOPATION)
        .doesNotHaveDuplicates();
    assertThat(drills).allSatisfy(d -> assertThat(d.reason()).contains("chosen notes"));
  }
}
