package app.fret.study;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.bow.stroke.BowChoices;
import app.fret.bow.stroke.StrokeAt;
import app.fret.bow.stroke.StrokeDecision;
import app.fret.edit.BarClip;
import app.fret.edit.Origins;
import app.fret.edit.StaffPen;
import app.fret.instrument.Instruments;
import app.fret.lefthand.Pin;
import app.fret.lefthand.PinAt;
import app.fret.practice.PracticeChoices;
import app.fret.practice.trial.TrialPlan;
import app.fret.reading.NotePlaces;
import app.fret.reading.PlayedNote;
import app.fret.reading.layers.LayerChoices;
import app.fret.reading.layers.LayerMark;
import app.fret.reading.layers.Origin;
import app.fret.reading.traps.ReadingChoices;
import app.fret.reading.traps.Trap;
import app.fret.reading.traps.TrapAt;
import app.fret.reading.traps.TypedRunning;
import app.fret.score.BeatUnit;
import app.fret.score.Finger;
import app.fret.score.NoteRef;
import app.fret.score.Passage;
import app.fret.score.Step;
import app.fret.score.Tempo;
import app.fret.shape.Character;
import app.fret.shape.ShapeChoices;
import app.fret.testing.Music;
import app.fret.testing.RandomMelodies;
import app.fret.time.TempoPlace;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.apache.commons.numbers.fraction.Fraction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Whatever is done to the music, every decision is on its note, on its copy, or named. */
class DecisionsFollowEditsTest {
  private static final Tempo TARGET = new Tempo(BeatUnit.QUARTER, 80);

  private final Random random = new Random(20261130);

  private static NotePlaces places(Passage passage) {
    return NotePlaces.of(passage, PlayedNote.of(passage));
  }

  private NoteRef any(NotePlaces places) {
    return places.top(random.nextInt(places.size()));
  }

  /** Decisions of every area, each on a note that may be any. */
  private Choices decided(NotePlaces places) {
    Choices choices = Choices.at(TARGET);
    ShapeChoices shape = ShapeChoices.none();
    BowChoices bow = BowChoices.none();
    ReadingChoices reading = ReadingChoices.none();
    List<NoteRef> starts = new ArrayList<>();
    for (int i = 0; i < places.size(); i += 2) {
      NoteRef at = places.top(i);
      choices = choices.withPin(PinAt.of(Pin.finger(i, Finger.FIRST), places));
      shape = shape.withPeak(at, i % 4 == 0 ? Optional.of(any(places)) : Optional.empty());
      shape = shape.withCharacter(at, Optional.of(Character.SINGING));
      bow = bow.with(new StrokeAt(at, StrokeDecision.parse("up")));
      reading = reading.withSeen(new TrapAt(Trap.Kind.DIVIDED, at), true);
      starts.add(at);
    }
    NoteRef first = any(places);
    TrialPlan trial =
        new TrialPlan(
            first,
            Instant.EPOCH,
            new TrialPlan.Candidate("1", choices.pins().subList(0, 1), Optional.empty()),
            new TrialPlan.Candidate("2", List.of(), Optional.of(bow.strokes().get(0))));
    return choices
        .with(shape)
        .with(bow)
        .with(reading.withRunning(new TypedRunning(first, any(places), Fraction.of(1, 16))))
        .with(
            choices
                .tempo()
                .withPlace(new TempoPlace(TempoPlace.Kind.REGION, first, any(places), 60)))
        .with(
            LayerChoices.none()
                .with(Origin.COACH, Map.of(any(places), LayerMark.parse("finger=2"))))
        .with(PracticeChoices.none().withChunkStarts(starts).withTrial(Optional.of(trial)));
  }

  /** How many decisions there are, each of which must be somewhere or named. */
  private static int count(Choices choices) {
    return choices.pins().size()
        + choices.reading().seen().size()
        + choices.reading().running().size()
        + choices.tempo().places().size()
        + choices.layers().added().values().stream().mapToInt(Map::size).sum()
        + choices.bow().strokes().size()
        + choices.shape().peaks().size()
        + choices.shape().characters().size()
        + choices.practice().chunkStarts().size()
        + (choices.practice().trial().isPresent() ? 1 : 0);
  }

  private static Set<NoteRef> anchors(Choices choices) {
    Set<NoteRef> all = choices.pins().stream().map(PinAt::at).collect(Collectors.toSet());
    choices.reading().seen().forEach(t -> all.add(t.at()));
    choices.reading().running().forEach(t -> all.addAll(List.of(t.from(), t.to())));
    choices.tempo().places().forEach(t -> all.addAll(List.of(t.from(), t.to())));
    choices.layers().added().values().forEach(l -> all.addAll(l.keySet()));
    choices.bow().strokes().forEach(s -> all.add(s.at()));
    all.addAll(choices.shape().peaks().keySet());
    choices.shape().peaks().values().forEach(p -> p.ifPresent(all::add));
    all.addAll(choices.shape().characters().keySet());
    all.addAll(choices.practice().chunkStarts());
    choices.practice().trial().ifPresent(t -> all.addAll(t.places()));
    return all;
  }

  private StaffPen edited(StaffPen from) {
    StaffPen pen = from;
    Optional<BarClip> clip = Optional.empty();
    for (int i = random.nextInt(6); i >= 0; i--) {
      int notes = pen.music().passage().events().size();
      pen = pen.goTo(random.nextInt(notes), false);
      switch (random.nextInt(10)) {
        case 0 -> pen = pen.note(Step.A);
        case 1 -> pen = pen.delete();
        case 2 -> pen = pen.repeatBars();
        case 3 -> pen = pen.insertBar();
        case 4 -> pen = pen.deleteBars();
        case 5 -> pen = pen.step(1);
        case 6 -> pen = pen.chord().note(Step.D);
        case 7 -> clip = Optional.of(pen.copyBars());
        case 8 -> pen = clip.map(pen::paste).orElse(pen);
        default -> pen = pen.becomeRest();
      }
    }
    return pen;
  }

  @ParameterizedTest
  @ValueSource(strings = {"violin", "viola", "cello", "bass"})
  void everyDecisionIsOnItsNoteOnItsCopyOrNamed(String instrument) {
    for (long seed = 0; seed < 100; seed++) {
      Passage before = RandomMelodies.of(Instruments.named(instrument), seed);
      NotePlaces placesBefore = places(before);
      Choices choices = decided(placesBefore);
      StaffPen pen = edited(StaffPen.over(before));
      Passage after = pen.music().passage();
      MovedChoices moved = MovedChoices.of(choices, before, after, pen.music().eventsNow());
      assertThat(count(moved.choices()) + moved.lost().size())
          .as("seed %d: %s", seed, moved.lost())
          .isEqualTo(count(choices));
      NotePlaces placesAfter = places(after);
      assertThat(anchors(moved.choices()))
          .as("seed %d", seed)
          .allMatch(at -> placesAfter.find(at).isPresent());
      assertThat(pinnedPitches(moved.choices().pins()))
          .as("seed %d: pins lie on notes of their own pitches", seed)
          .allMatch(pinnedPitches(choices.pins())::contains);
    }
  }

  private static Set<String> pinnedPitches(List<PinAt> pins) {
    return pins.stream()
        .map(p -> p.at().written().toString())
        .collect(Collectors.toCollection(TreeSet::new));
  }

  @Test
  void repeatingBarsKeepsEveryPeak() {
    Passage passage = Music.passage("C5/4 D5/4 E5/4 F5/4 | G4/4 A4/4 B4/4 C5/4 | D5/1");
    NotePlaces places = places(passage);
    ShapeChoices shape = ShapeChoices.none();
    for (int note = 0; note < 8; note++) {
      shape = shape.withPeak(places.top(note), Optional.of(places.top(8)));
      shape = shape.withCharacter(places.top(note), Optional.of(Character.SINGING));
    }
    StaffPen pen = StaffPen.over(passage).goTo(0, false).repeatBars();
    MovedChoices moved =
        MovedChoices.of(
            Choices.at(TARGET).with(shape),
            passage,
            pen.music().passage(),
            pen.music().eventsNow());
    assertThat(moved.lost()).isEmpty();
    assertThat(moved.choices().shape().peaks()).hasSize(8);
    assertThat(moved.choices().shape().characters()).hasSize(8);
  }

  @Test
  void barsThatAreCutAndPastedTakeTheirDecisionsAlong() {
    Passage passage = Music.passage("C5/4 D5/4 E5/4 F5/4 | G4/1 | A4/1");
    NotePlaces places = places(passage);
    Choices choices = Choices.at(TARGET).withPin(PinAt.of(Pin.finger(2, Finger.THIRD), places));
    StaffPen pen = StaffPen.over(passage).goTo(0, false);
    BarClip clip = pen.copyBars();
    pen = pen.deleteBars().goTo(1, false).paste(clip);
    Passage after = pen.music().passage();
    MovedChoices moved = MovedChoices.of(choices, passage, after, pen.music().eventsNow());
    assertThat(moved.lost()).isEmpty();
    assertThat(moved.choices().pins().get(0).at().toString()).isEqualTo("2@1/2 E5");
  }

  @Test
  void decisionsGoBackWithTheirNotesToTheMusicAsImported() {
    Passage imported = Music.passage("C5/4 D5/4 E5/4 F5/4 | C5/4 D5/4 E5/4 F5/4");
    StaffPen pen = StaffPen.over(imported).goTo(0, false).insertBar().insertBar();
    Passage mended = pen.music().passage();
    Origins origins =
        Origins.unchanged(imported).mended(pen.music().eventsNow(), mended.events().size());
    Choices choices =
        Choices.at(TARGET).withPin(PinAt.of(Pin.finger(5, Finger.THIRD), places(mended)));
    assertThat(choices.pins().get(0).at().bar()).isEqualTo(3);
    MovedChoices back = MovedChoices.of(choices, mended, imported, origins.back());
    assertThat(back.lost()).isEmpty();
    assertThat(back.choices().pins().get(0).at().toString()).isEqualTo("1@1/4 D5");
  }
}
