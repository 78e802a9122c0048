package app.fret.study;

import app.fret.bow.BowPlan;
import app.fret.bow.BowPlanner;
import app.fret.instrument.OutOfRangeException;
import app.fret.instrument.Player;
import app.fret.instrument.Range;
import app.fret.lefthand.LeftHandPlan;
import app.fret.lefthand.LeftHandPlanner;
import app.fret.lefthand.Pin;
import app.fret.lefthand.PinAt;
import app.fret.lefthand.PinConflictException;
import app.fret.lefthand.PreparedPassage;
import app.fret.lefthand.effort.Profiles;
import app.fret.practice.PracticePlan;
import app.fret.score.NotePlaces;
import app.fret.score.Passage;
import app.fret.score.PlayedNote;
import app.fret.tuning.TuningPlan;
import app.fret.tuning.TuningPlanner;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * Everything Fret works out for a passage, in one immutable value.
 *
 * @param passage the music
 * @param player who plays it
 * @param choices what the player decided
 * @param notes the notes of the passage
 * @param places the places of its note heads, on which decisions hold
 * @param pins the pins in force, by the numbers of its notes
 * @param prepared the passage as weighed for the left hand, from which other plans can be asked
 * @param leftHand strings, fingers, positions
 * @param tuning what puts it in tune
 * @param bow strokes
 * @param practice tempos
 */
public record Study(
    Passage passage,
    Player player,
    Choices choices,
    List<PlayedNote> notes,
    NotePlaces places,
    List<Pin> pins,
    PreparedPassage prepared,
    LeftHandPlan leftHand,
    TuningPlan tuning,
    BowPlan bow,
    PracticePlan practice) {

  public Study {
    notes = List.copyOf(notes);
    pins = List.copyOf(pins);
  }

  /** Hears when a step of the work is done; for measuring, since the core has no clock. */
  public interface Steps {
    /** Called with the name of the step: {@code leftHand}, {@code bow}, {@code practice}. */
    void finished(String step);
  }

  /** Works out the whole passage. See {@link #of(Passage, Player, Choices, Steps)}. */
  public static Study of(Passage passage, Player player, Choices choices)
      throws OutOfRangeException, PinConflictException {
    return of(passage, player, choices, step -> {});
  }

  /**
   * Works out the whole passage, telling when each step is done.
   *
   * @throws OutOfRangeException when the instrument lacks a note
   * @throws PinConflictException when the pins cannot be met
   */
  public static Study of(Passage passage, Player player, Choices choices, Steps steps)
      throws OutOfRangeException, PinConflictException {
    Range.of(player.instrument()).require(passage, PlayedNote.of(passage));
    PreparedPassage prepared =
        new LeftHandPlanner(player, choices.profile()).prepare(passage, choices.target());
    return of(passage, player, choices, prepared, steps);
  }

  /**
   * The same passage under other choices. What was weighed for the left hand is used again where
   * tempo and profile stay, so a pin is quick.
   *
   * @throws OutOfRangeException never for a passage that was planned before
   * @throws PinConflictException when the pins cannot be met
   */
  public Study with(Choices newChoices) throws OutOfRangeException, PinConflictException {
    boolean same =
        newChoices.target().equals(choices.target())
            && newChoices.profile().equals(choices.profile());
    return same
        ? of(passage, player, newChoices, prepared, step -> {})
        : of(passage, player, newChoices);
  }

  private static Study of(
      Passage passage, Player player, Choices choices, PreparedPassage prepared, Steps steps)
      throws PinConflictException {
    List<PlayedNote> notes = PlayedNote.of(passage);
    NotePlaces places = NotePlaces.of(passage, notes);
    List<Pin> pins = PinAt.in(places, choices.pins());
    LeftHandPlan leftHand = prepared.plan(pins);
    TuningPlan tuning = new TuningPlanner().plan(passage, player.instrument(), leftHand);
    steps.finished("leftHand");
    BowPlan bow = new BowPlanner().plan(passage, choices.target());
    steps.finished("bow");
    PracticePlan practice = PracticePlan.of(passage, choices.target(), OptionalDouble.empty());
    steps.finished("practice");
    return new Study(
        passage, player, choices, notes, places, pins, prepared, leftHand, tuning, bow, practice);
  }

  /** The pins on a note, or on the notes of a chord. */
  public List<Pin> pinsOn(int note) {
    return pins.stream().filter(p -> p.note() == note).toList();
  }

  /** Pins that hold on to a place where this passage has no such note: kept, but not in force. */
  public List<PinAt> pinsWithoutPlace() {
    return choices.pins().stream().filter(p -> places.find(p.at()).isEmpty()).toList();
  }

  /**
   * Choices with these pins, by the numbers of this passage, in place of all others on their notes
   * and chords.
   *
   * @param from the choices before
   */
  public Choices pinned(Choices from, List<Pin> pins) {
    Choices freed = from;
    for (Pin pin : pins) {
      freed = freed.withoutPins(places.of(pin.note()));
    }
    return freed.withPins(pins.stream().map(p -> PinAt.of(p, places)).toList());
  }

  /**
   * This study with another plan for the left hand, such as one that is compared: what follows from
   * the fingers is worked out anew.
   *
   * @param plan a plan of the same passage and player
   */
  public Study taking(LeftHandPlan plan) {
    return new Study(
        passage,
        player,
        choices,
        notes,
        places,
        pins,
        prepared,
        plan,
        new TuningPlanner().plan(passage, player.instrument(), plan),
        bow,
        practice);
  }

  /**
   * Other plans that differ in kind, least effort first: see {@link
   * PreparedPassage#differentPlans}.
   *
   * @param count how many are wanted, 0 to 3
   */
  public List<LeftHandPlan> differentPlans(int count) {
    try {
      return prepared.differentPlans(pins, count);
    } catch (PinConflictException e) {
      throw new IllegalStateException("pins that were met cannot be met", e);
    }
  }

  /** Whether the part prints a finger or a string anywhere. */
  public boolean printsFingers() {
    return notes.stream()
        .flatMap(n -> n.notes().stream())
        .anyMatch(n -> n.finger().isPresent() || n.string().isPresent());
  }

  /**
   * The plan that keeps the part's own fingers, completed where it is silent and weighed by the
   * profile in force; empty when the part prints none.
   */
  public Optional<LeftHandPlan> asPrinted() {
    if (!printsFingers()) {
      return Optional.empty();
    }
    try {
      LeftHandPlan printed =
          new LeftHandPlanner(player, Profiles.named(Profiles.AS_PRINTED))
              .plan(passage, choices.target(), List.of());
      return Optional.of(prepared.weighed(printed, pins));
    } catch (PinConflictException e) {
      throw new IllegalStateException("pins that were met cannot be met", e);
    }
  }
}
