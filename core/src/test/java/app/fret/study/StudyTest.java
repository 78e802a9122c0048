package app.fret.study;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fret.instrument.Instrument;
import app.fret.instrument.Instruments;
import app.fret.instrument.OutOfRangeException;
import app.fret.instrument.Player;
import app.fret.instrument.Spelling;
import app.fret.lefthand.LeftHandPlan;
import app.fret.lefthand.Pin;
import app.fret.lefthand.PinAt;
import app.fret.lefthand.PinConflictException;
import app.fret.lefthand.Totals;
import app.fret.lefthand.effort.Profiles;
import app.fret.lefthand.hand.Placement;
import app.fret.reading.NotePlaces;
import app.fret.score.BeatUnit;
import app.fret.score.BowDirection;
import app.fret.score.Event;
import app.fret.score.Finger;
import app.fret.score.Key;
import app.fret.score.Note;
import app.fret.score.NoteRef;
import app.fret.score.Passage;
import app.fret.score.Sounding;
import app.fret.score.SoundingPitch;
import app.fret.score.Tempo;
import app.fret.score.Transposition;
import app.fret.testing.Music;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StudyTest {
  private final Instrument violin = Instruments.named("violin");
  private final Player player = Player.of("", violin);
  private final Choices choices = Choices.at(new Tempo(BeatUnit.QUARTER, 88));

  private Study study(String words) throws OutOfRangeException, PinConflictException {
    return Study.of(Music.passage(words), player, choices);
  }

  @Test
  void plansHandBowAndPracticeInThatOrder() throws OutOfRangeException, PinConflictException {
    List<String> steps = new ArrayList<>();
    Study study = Study.of(Music.passage("D5/2 E5/2"), player, choices, steps::add);
    assertThat(steps).containsExactly("shape", "leftHand", "bow", "practice");
    assertThat(study.leftHand().notes()).hasSize(2);
    assertThat(study.bow().strokes()).hasSize(2);
    assertThat(study.practice().ladder().rungs()).endsWith(88.0);
  }

  @Test
  void aNoteOutsideTheRangeStopsItNamingTheBar() {
    assertThatThrownBy(() -> study("D5/1 | C3/1"))
        .isInstanceOf(OutOfRangeException.class)
        .hasMessageContaining("bar 2");
  }

  @Test
  void newChoicesGiveTheStudyTheyWouldGiveFromTheStart()
      throws OutOfRangeException, PinConflictException {
    Study first = study("B4/4 C5/4 D5/4 E5/4 | F5/1");
    Choices pinned = choices.withPin(at(first, Pin.finger(3, Finger.OPEN)));
    Study quick = first.with(pinned);
    Study anew = Study.of(first.passage(), player, pinned);
    assertThat(placements(quick)).isEqualTo(placements(anew));
    assertThat(quick.leftHand().effort()).isEqualTo(anew.leftHand().effort());
    Choices slower = choices.withTarget(new Tempo(BeatUnit.QUARTER, 44));
    assertThat(first.with(slower).practice())
        .isEqualTo(Study.of(first.passage(), player, slower).practice());
  }

  private static List<Placement> placements(Study study) {
    return study.leftHand().notes().stream().map(LeftHandPlan.NotePlan::placement).toList();
  }

  @Test
  void otherFingeringsHaveNamesThatSayHowTheyDiffer()
      throws OutOfRangeException, PinConflictException {
    Study study = study("B4/8 C5/8 D5/8 E5/8 F5/8 G5/8 A5/8 B5/8 | C6/2 A5/2");
    List<OtherFingering> others = OtherFingering.of(study, 6);
    assertThat(others).hasSizeGreaterThan(1);
    assertThat(others).extracting(OtherFingering::name).doesNotHaveDuplicates();
    Totals now = study.leftHand().totals();
    for (OtherFingering other : others) {
      Totals then = other.plan().totals();
      switch (other.name()) {
        case "Fewer shifts" -> assertThat(then.shifts()).isLessThan(now.shifts());
        case "Fewer crossings" -> assertThat(then.crossings()).isLessThan(now.crossings());
        case "More on the E string" ->
            assertThat(onString(then, 1)).isGreaterThan(onString(now, 1));
        case "More on the A string" ->
            assertThat(onString(then, 2)).isGreaterThan(onString(now, 2));
        case "More on the D string" ->
            assertThat(onString(then, 3)).isGreaterThan(onString(now, 3));
        default ->
            assertThat(other.name())
                .matches(".* throughout|All on .*|.*er position|.* in bars? .*|.*open strings");
      }
      assertThat(other.isAsGood())
          .isEqualTo(other.plan().effort() - study.leftHand().effort() <= 0.25);
    }
    assertThat(OtherFingering.of(study, 0)).isEmpty();
  }

  private static int onString(Totals totals, int string) {
    return totals.notesPerString().getOrDefault(string, 0);
  }

  @Test
  void aPassageOfOneGoodWayHasNoOtherFingering() throws OutOfRangeException, PinConflictException {
    assertThat(OtherFingering.of(study("G3/4 A3/4 B3/4 C4/4"), 6)).isEmpty();
  }

  @Test
  void whatIsPutBesideThePlanCostsLittleMoreOrIsTheBestOfAnotherAim()
      throws OutOfRangeException, PinConflictException {
    Study study = study("A4/8 C5/8 E5/8 A5/8 C6/8 A5/8 E5/8 C5/8 | A4/2 E5/2");
    List<List<Placement>> winners = new ArrayList<>();
    for (String profile : Profiles.NAMES) {
      winners.add(placements(study.with(study.choices().withProfile(Profiles.named(profile)))));
    }
    List<OtherFingering> others = OtherFingering.of(study, 6);
    assertThat(others).isNotEmpty();
    for (OtherFingering other : others) {
      boolean isNear = other.plan().effort() - study.leftHand().effort() <= 2.5;
      List<Placement> taken =
          other.plan().notes().stream().map(LeftHandPlan.NotePlan::placement).toList();
      assertThat(isNear || winners.contains(taken)).as(other.name()).isTrue();
    }
  }

  @Test
  void printedFingersArePlannedBesideTheBestOnes()
      throws OutOfRangeException, PinConflictException {
    Passage plain = Music.passage("B4/4 C5/4 D5/4 E5/4");
    List<Event> events = new ArrayList<>(plain.events());
    Sounding second = (Sounding) events.get(1);
    Note printed =
        second.notes().get(0).withFingering(Optional.of(Finger.FIRST), OptionalInt.empty());
    events.set(1, second.withNotes(List.of(printed)));
    Study study = Study.of(plain.withEvents(events), player, choices);
    LeftHandPlan asPrinted = study.asPrinted().orElseThrow();
    assertThat(asPrinted.notes().get(1).placement().top().finger()).isEqualTo(Finger.FIRST);
    assertThat(asPrinted.effort()).isGreaterThan(study.leftHand().effort());
    assertThat(study("B4/4 C5/4 D5/4 E5/4").asPrinted()).isEmpty();
  }

  private static PinAt at(Study study, Pin pin) {
    return PinAt.of(pin, study.places());
  }

  @Test
  void aNoteHeadHasOnePinAtATime() throws OutOfRangeException, PinConflictException {
    Study study = study("B4/4 C5/4 D5/4 E5/4");
    Choices pinned =
        choices
            .withPin(at(study, Pin.finger(3, Finger.FIRST)))
            .withPin(at(study, Pin.finger(1, Finger.SECOND)))
            .withPin(at(study, Pin.finger(3, Finger.THIRD)));
    assertThat(pinned.pins())
        .extracting(p -> p.at().toString())
        .containsExactly("0@1/4 C5", "0@3/4 E5");
    assertThat(pinned.pins().get(1).finger()).contains(Finger.THIRD);
    assertThat(pinned.withoutPins(study.places().of(1)).pins()).hasSize(1);
    assertThat(choices.pins()).as("old choices stay for undo").isEmpty();
  }

  @Test
  void aPinWithoutItsNoteIsKeptAndNotPutElsewhere()
      throws OutOfRangeException, PinConflictException {
    Study longer = study("B4/4 C5/4 D5/4 E5/4");
    PinAt onC = at(longer, Pin.of(1, 2, Finger.FOURTH));
    Study changed = Study.of(Music.passage("B4/4 A4/4 C5/4 E5/4"), player, choices.withPin(onC));
    assertThat(changed.pins()).isEmpty();
    assertThat(changed.pinsWithoutPlace()).containsExactly(onC);
    assertThat(changed.choices().pins()).containsExactly(onC);
  }

  @Test
  void eachNoteOfAChordHasAPinOfItsOwn() throws OutOfRangeException, PinConflictException {
    Study free = study("G4+E5/1");
    List<Pin> pins = Pin.taking(0, free.leftHand().notes().get(0).placement());
    assertThat(pins).hasSize(2);
    Choices both = free.pinned(choices, pins);
    assertThat(both.pins()).hasSize(2);
    Study taken = free.with(both);
    assertThat(taken.pinsOn(0)).isEqualTo(pins);
    assertThat(taken.leftHand().notes().get(0).placement())
        .isEqualTo(free.leftHand().notes().get(0).placement());
  }

  @Test
  void twoPinsAgainstEachOtherOnOneNoteAreAConflict() throws Exception {
    Study study = study("B4/4 C5/4");
    List<PinAt> against =
        List.of(at(study, Pin.of(1, 2, Finger.SECOND)), at(study, Pin.of(1, 3, Finger.FOURTH)));
    assertThatThrownBy(() -> study.with(choices.withPins(against)))
        .isInstanceOf(PinConflictException.class)
        .hasMessageContaining(
            "C5 cannot be played with finger 2 on string II and finger 4 on string III");
  }

  /** Grace notes share their time with the note they lead to, and may share its pitch. */
  @Test
  void graceNotesHaveAPlaceOfTheirOwn() throws OutOfRangeException, PinConflictException {
    Study study = study("gC5/8 gC5/8 C5/1");
    assertThat(study.notes()).hasSize(3);
    for (int note = 0; note < 3; note++) {
      NoteRef place = study.places().top(note);
      assertThat(NoteRef.parse(place.toString())).isEqualTo(place);
      assertThat(study.places().find(place)).contains(new NotePlaces.Head(note, 0));
    }
  }

  @Test
  void markedNotesCarryFingerAndTheStringWhereItChanges()
      throws OutOfRangeException, PinConflictException {
    Passage marked = MarkedPassage.of(study("B4/4 C5/4 F#5/4 G5/4"));
    List<Note> notes = marked.events().stream().map(e -> ((Sounding) e).notes().get(0)).toList();
    assertThat(notes).allMatch(n -> n.finger().isPresent());
    assertThat(notes.get(0).string()).hasValue(2);
    assertThat(notes.get(1).string()).isEmpty();
    assertThat(notes.get(2).string()).hasValue(1);
  }

  @Test
  void bowSignsStandAtTheStartOfBarsAndAfterRests()
      throws OutOfRangeException, PinConflictException {
    Passage marked = MarkedPassage.of(study("B4/4 C5/4 r/4 D5/4 | (E5/2 F5/2)"));
    List<Optional<BowDirection>> signs = new ArrayList<>();
    marked.events().stream()
        .filter(Sounding.class::isInstance)
        .forEach(e -> signs.add(((Sounding) e).marks().bow()));
    assertThat(signs.get(0)).contains(BowDirection.DOWN);
    assertThat(signs.get(1)).isEmpty();
    assertThat(signs.get(2)).isPresent();
    assertThat(signs.get(3)).contains(BowDirection.DOWN);
    assertThat(signs.get(4)).isEmpty();
  }

  @Test
  void tiedNotesAreMarkedOnceAndPrintedFingersGiveWay()
      throws OutOfRangeException, PinConflictException {
    Passage marked = MarkedPassage.of(study("B4/2~ B4/2"));
    assertThat(((Sounding) marked.events().get(0)).notes().get(0).finger()).isPresent();
    assertThat(((Sounding) marked.events().get(1)).notes().get(0).finger()).isEmpty();
  }

  /** Spelling by key: notes of the key first, then naturals, then the sign the key leans to. */
  @ParameterizedTest
  @CsvSource({"66,0,F#4", "66,2,F#4", "66,-5,Gb4", "70,0,A#4", "70,-1,Bb4", "65,6,E#4", "60,0,C4"})
  void guideNotesAreSpelledInTheKey(int midi, int fifths, String name) {
    assertThat(Spelling.written(new SoundingPitch(midi), violin, Optional.empty(), new Key(fifths)))
        .hasToString(name);
  }

  @Test
  void guideNotesAreWrittenInThePartsTransposition() {
    assertThat(
            Spelling.written(
                new SoundingPitch(48), violin, Optional.of(new Transposition(-12)), new Key(0)))
        .hasToString("C4");
  }
}
