package app.fret.practice.drill;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.lefthand.PinAt;
import app.fret.lefthand.hand.Stop;
import app.fret.reading.PlayedNote;
import app.fret.score.BeatUnit;
import app.fret.score.Clef;
import app.fret.score.Finger;
import app.fret.score.Marks;
import app.fret.score.Metre;
import app.fret.score.Note;
import app.fret.score.NoteValue;
import app.fret.score.Passage;
import app.fret.score.PassageBuilder;
import app.fret.score.Span;
import app.fret.score.Tempo;
import app.fret.score.WrittenLength;
import app.fret.score.WrittenPitch;
import app.fret.study.Choices;
import app.fret.study.DrillStudy;
import app.fret.study.Study;
import app.fret.testing.Music;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** What every drill keeps to, over music that asks for each of them. */
class DrillMusicTest {
  private static final String ARPEGGIOS = "(A3/16 E4/16 C5/16 A5/16) (A5/16 C5/16 E4/16 A3/16) ";

  /** Passages with shifts, crossings, double stops, chords, triplets and an uneven metre. */
  private static final List<Study> STUDIES = studies();

  private static List<Study> studies() {
    Metre common = Metre.of(4, 4);
    return List.of(
        study(
            "violin",
            Clef.TREBLE,
            common,
            "(A4/16 B4/16 C5/16 D5/16) (E5/16 F5/16 G5/16 A5/16) B5/16 C6/16 D6/16 E6/16"
                + " (D6/8 A5/8) | F5/4 D5/4 (B4/4 G4/4) | (G3/16 D4/16 B4/16 G5/16)"
                + " (G5/16 B4/16 D4/16 G3/16) r/4 E6/4 | A4/1",
            92),
        study(
            "violin",
            Clef.TREBLE,
            common,
            "D4+B4/4 E4+C5/4 G3+D4+B4/2 | r/4 (A4/4 F5/4) A4+F5/4 | G3+D4+B4+G5/1",
            66),
        study(
            "viola",
            Clef.ALTO,
            Metre.of(7, 8),
            "C4/8 D4/8 E4/8 F4/8 G4/8 A4/8 G4/8 | G4/4 F4/8" + " E4/4 D4/4 | C4/2.. ",
            100),
        study(
            "cello",
            Clef.BASS,
            common,
            "(C3/8 G3/8 E4/8 G3/8) (D3/8 A3/8 F4/8 A3/8) | E3/4 B3/4 G4/4 E4/4 | C3/2 G2/2",
            80),
        study(
            "violin",
            Clef.TREBLE,
            common,
            ARPEGGIOS + ARPEGGIOS + " | " + ARPEGGIOS + ARPEGGIOS + " | A3/1",
            112),
        study(
            "bass", Clef.BASS, common, "E3/4 A3/4 D4/4 G4/4 | F4/8 E4/8 D4/8 C4/8 B3/2 | A3/1", 72),
        study(
            "violin",
            Clef.TREBLE,
            common,
            "=f (A4/8.' B4/16') (C5/8.' D5/16') C5/8 E5/4 D5/8 | (E5/8' D5/8' C5/8' B4/8') A4/2%"
                + " | =pp A4/8 C5/4 E5/4 D5/4 C5/8 | B4/1",
            80));
  }

  private static Study study(
      String instrument, Clef clef, Metre metre, String music, double perMinute) {
    try {
      Player player = Player.of("", Instruments.named(instrument));
      Choices choices = Choices.at(new Tempo(BeatUnit.QUARTER, perMinute));
      return Study.of(Music.passage(metre, 0, clef, music), player, choices);
    } catch (Exception e) {
      throw new IllegalStateException(e);
    }
  }

  /** A drill and what it was made from. */
  private record Made(DrillKind kind, Study study, DrillMusic music) {
    Passage passage() {
      return music.passage();
    }

    @Override
    public String toString() {
      return kind.id() + " of " + study.player().instrument().name();
    }
  }

  private static Stream<Made> made(DrillKind kind) {
    List<Made> made = new ArrayList<>();
    for (Study study : STUDIES) {
      int count = study.notes().size();
      List<Span> spans = new ArrayList<>(List.of(new Span(0, count - 1)));
      for (int from = 0; from + 4 < count; from += 8) {
        spans.add(new Span(from, Math.min(count - 1, from + 7)));
      }
      for (Span span : spans) {
        kind.make(study.drillSource(), span).ifPresent(m -> made.add(new Made(kind, study, m)));
      }
    }
    assertThat(made).as("drills of the kind %s", kind).isNotEmpty();
    return made.stream();
  }

  @ParameterizedTest
  @EnumSource
  void barsAddUp(DrillKind kind) {
    assertThat(made(kind)).allSatisfy(drill -> DrillProperties.barsAddUp(drill.music()));
  }

  @ParameterizedTest
  @EnumSource
  void everyNoteHasASourceInThePassage(DrillKind kind) {
    assertThat(made(kind))
        .allSatisfy(drill -> DrillProperties.everyNoteHasASource(drill.music(), drill.study()));
  }

  @ParameterizedTest
  @EnumSource
  void nothingLeavesTheInstrument(DrillKind kind) {
    assertThat(made(kind))
        .allSatisfy(drill -> DrillProperties.staysOnTheInstrument(drill.music(), drill.study()));
  }

  /** The climb is the rhythm set again and again, and long to plan. */
  @ParameterizedTest
  @EnumSource(mode = EnumSource.Mode.EXCLUDE, names = "WHOLE_CLIMB")
  void fingersCarriedOverArePlayable(DrillKind kind) {
    List<PinAt> all = new ArrayList<>();
    assertThat(made(kind))
        .allSatisfy(
            drill -> all.addAll(DrillProperties.playableFingers(drill.music(), drill.study())));
    // A scale that is no part of the passage has no fingers of its own.
    assertThat(all.isEmpty()).isEqualTo(kind == DrillKind.CRESCENDO_SCALE);
  }

  /** Kinds that keep the notes of the music, whose fingers must be those of the plan. */
  private static final Set<DrillKind> OF_THE_MUSIC =
      EnumSet.of(
          DrillKind.ACCENTED_GROUPS,
          DrillKind.WITHOUT_VIBRATO,
          DrillKind.CLICK_OFF,
          DrillKind.RHYTHM,
          DrillKind.CHAIN_FORWARD,
          DrillKind.DOUBLED_NOTES);

  @ParameterizedTest
  @EnumSource(
      names = {
        "ACCENTED_GROUPS",
        "WITHOUT_VIBRATO",
        "CLICK_OFF",
        "RHYTHM",
        "CHAIN_FORWARD",
        "DOUBLED_NOTES"
      })
  void notesKeepTheirPitchFingerAndString(DrillKind kind) {
    assertThat(OF_THE_MUSIC).contains(kind);
    assertThat(made(kind))
        .allSatisfy(
            drill -> {
              for (PlayedNote note : PlayedNote.of(drill.passage())) {
                int source = drill.music().sources().get(note.events().first());
                PlayedNote from = drill.study().notes().get(source);
                List<Stop> stops = drill.study().leftHand().notes().get(source).placement().stops();
                assertThat(note.notes()).hasSameSizeAs(from.notes());
                for (int i = 0; i < stops.size(); i++) {
                  Note head = note.notes().get(i);
                  assertThat(head.written()).isEqualTo(from.notes().get(i).written());
                  assertThat(head.finger()).contains(stops.get(i).finger());
                  assertThat(head.string()).hasValue(stops.get(i).string());
                }
              }
            });
  }

  /** A trill with the fourth finger, worked by hand: A over G, in twos, threes and fours. */
  @Test
  void aTrillAloneIsMeasured() throws Exception {
    PassageBuilder music = new PassageBuilder().title("T").part("P").metre(Metre.of(4, 4));
    music.clef(Clef.TREBLE).bar();
    music.sounding(
        WrittenLength.of(NoteValue.WHOLE),
        List.of(
            Note.of(WrittenPitch.parse("G4"))
                .withFingering(Optional.of(Finger.THIRD), OptionalInt.of(3))),
        Marks.NONE.toggled(Marks.Ornament.TRILL));
    Player player = Player.of("", Instruments.named("violin"));
    Study study = Study.of(music.build(), player, Choices.at(new Tempo(BeatUnit.QUARTER, 60)));
    DrillMusic drill =
        DrillKind.ACCENTED_GROUPS.make(study.drillSource(), new Span(0, 0)).orElseThrow();
    List<PlayedNote> notes = PlayedNote.of(drill.passage());
    assertThat(notes).hasSize(8 + 12 + 16 + 1);
    assertThat(notes)
        .extracting(n -> n.notes().get(0).written().toString())
        .startsWith("G4", "A4", "G4", "A4")
        .endsWith("A4", "G4");
    assertThat(notes.get(1).notes().get(0).finger()).contains(Finger.FOURTH);
    assertThat(notes)
        .filteredOn(n -> n.marks().articulations().contains(Marks.Articulation.ACCENT))
        .hasSize(12);
    DrillProperties.barsAddUp(drill);
    assertThat(DrillStudy.of(study, drill, study.choices().target()).leftHand().leftOut())
        .isEmpty();
  }

  @Test
  void chainLinksEndOnTheFirstNoteOfTheNextGroup() {
    Study study = STUDIES.get(0);
    DrillMusic chain =
        DrillKind.CHAIN_BACK.make(study.drillSource(), new Span(0, 11)).orElseThrow();
    List<Integer> lastOfEachLink = DrillProperties.linkEnds(chain);
    assertThat(lastOfEachLink).isNotEmpty().allSatisfy(n -> assertThat(n).isEqualTo(12));
  }

  @Test
  void everyKindIsFoundUnderItsName() {
    assertThat(DrillKind.values())
        .hasSize(38)
        .allSatisfy(k -> assertThat(DrillKind.ofId(k.id())).contains(k))
        .allSatisfy(k -> assertThat(k.steps()).isNotEmpty());
    assertThat(DrillKind.ofId("nothing")).isEqualTo(Optional.empty());
  }
}
