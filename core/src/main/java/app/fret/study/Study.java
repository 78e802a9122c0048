package app.fret.study;

import app.fret.bow.BowPlan;
import app.fret.bow.BowPlanner;
import app.fret.brief.Brief;
import app.fret.instrument.OutOfRangeException;
import app.fret.instrument.Player;
import app.fret.lefthand.DecidingReasons;
import app.fret.lefthand.Difference;
import app.fret.lefthand.LeftHandPlan;
import app.fret.lefthand.LeftHandPlanner;
import app.fret.lefthand.Pin;
import app.fret.lefthand.PinAt;
import app.fret.lefthand.PinConflictException;
import app.fret.lefthand.PreparedPassage;
import app.fret.lefthand.effort.Profile;
import app.fret.lefthand.effort.Profiles;
import app.fret.lefthand.hand.Stop;
import app.fret.practice.PracticePlan;
import app.fret.reading.NotePlaces;
import app.fret.reading.Others;
import app.fret.reading.PlayedNote;
import app.fret.reading.Reading;
import app.fret.reading.traps.Trap;
import app.fret.reading.traps.TrapAt;
import app.fret.reading.traps.Traps;
import app.fret.score.Passage;
import app.fret.tuning.TuningPlan;
import app.fret.tuning.TuningPlanner;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.IntStream;

/**
 * Everything Fret works out for a passage, in one immutable value that is made only here.
 *
 * <p>Order: the brief, then the left hand on it, then what follows from the fingers and the bow.
 * Under other choices only what they bear on is worked out anew.
 */
public final class Study {
  private final Brief brief;
  private final Choices choices;
  private final PreparedPassage prepared;
  private final List<Pin> pins;
  private final LeftHandPlan leftHand;
  private final TuningPlan tuning;
  private final BowPlan bow;
  private final PracticePlan practice;
  private final Others others;

  private Study(
      Brief brief,
      Choices choices,
      PreparedPassage prepared,
      LeftHandPlan leftHand,
      TuningPlan tuning,
      BowPlan bow,
      PracticePlan practice,
      Others others) {
    this.brief = brief;
    this.choices = choices;
    this.prepared = prepared;
    this.pins = List.copyOf(PinAt.in(brief.reading().places(), choices.pins()));
    this.leftHand = leftHand;
    this.tuning = tuning;
    this.bow = bow;
    this.practice = practice;
    this.others = others;
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
    Reading reading = Reading.of(passage);
    Brief brief = Brief.of(reading, player, choices.tempo().tempos(reading));
    return of(brief, choices, Others.NONE, steps);
  }

  private static Study of(Brief brief, Choices choices, Others others, Steps steps)
      throws PinConflictException {
    PreparedPassage prepared = prepare(brief, choices);
    LeftHandPlan leftHand = plan(brief, choices, prepared);
    TuningPlan tuning = new TuningPlanner().plan(brief, leftHand);
    steps.finished("leftHand");
    BowPlan bow = new BowPlanner().plan(brief, strings(brief, leftHand));
    steps.finished("bow");
    PracticePlan practice = practice(brief, choices);
    steps.finished("practice");
    return new Study(brief, choices, prepared, leftHand, tuning, bow, practice, others);
  }

  /** Strings of each note, lowest-pitched first; of a chord no hand can hold, the top ones. */
  private static List<List<Integer>> strings(Brief brief, LeftHandPlan plan) {
    List<List<Integer>> strings = new ArrayList<>();
    for (LeftHandPlan.NotePlan note : plan.notes()) {
      List<Integer> taken = note.placement().stops().stream().map(Stop::string).toList();
      int heads = Math.min(note.note().notes().size(), brief.player().instrument().stringCount());
      strings.add(
          taken.isEmpty()
              ? IntStream.rangeClosed(1, heads).mapToObj(s -> heads + 1 - s).toList()
              : taken);
    }
    return strings;
  }

  private static PreparedPassage prepare(Brief brief, Choices choices) {
    return new LeftHandPlanner(brief.player(), choices.profile()).prepare(brief);
  }

  private static LeftHandPlan plan(Brief brief, Choices choices, PreparedPassage prepared)
      throws PinConflictException {
    return prepared.plan(PinAt.in(brief.reading().places(), choices.pins()));
  }

  private static PracticePlan practice(Brief brief, Choices choices) {
    return PracticePlan.of(
        brief.passage(), brief.tempos(), choices.tempo(), OptionalDouble.empty());
  }

  /**
   * The same passage under other choices. What they do not bear on is used again: a pin is quick, a
   * profile keeps brief and bow, a tempo keeps the reading.
   *
   * @throws PinConflictException when the pins cannot be met
   */
  public Study with(Choices next) throws PinConflictException {
    if (!next.tempo().equals(choices.tempo())) {
      return of(brief.at(next.tempo().tempos(brief.reading())), next, others, step -> {});
    }
    PreparedPassage weighed =
        next.profile().equals(choices.profile()) ? prepared : prepare(brief, next);
    LeftHandPlan planned =
        weighed == prepared && next.pins().equals(choices.pins())
            ? leftHand
            : plan(brief, next, weighed);
    return withLeftHand(next, weighed, planned);
  }

  /**
   * The same passage and choices for another player, or the same one with another hand or tuning.
   *
   * @throws OutOfRangeException when the instrument lacks a note
   * @throws PinConflictException when the pins cannot be met
   */
  public Study with(Player player, Choices next) throws OutOfRangeException, PinConflictException {
    return player.equals(brief.player())
        ? with(next)
        : of(
            Brief.of(brief.reading(), player, next.tempo().tempos(brief.reading())),
            next,
            others,
            step -> {});
  }

  /**
   * This study with another plan for the left hand, such as one that is compared: what follows from
   * the fingers is worked out anew.
   *
   * @param plan a plan of the same passage and player
   */
  public Study taking(LeftHandPlan plan) {
    return withLeftHand(choices, prepared, plan);
  }

  private Study withLeftHand(Choices next, PreparedPassage weighed, LeftHandPlan plan) {
    TuningPlan tuned = plan == leftHand ? tuning : new TuningPlanner().plan(brief, plan);
    List<List<Integer>> strings = strings(brief, plan);
    BowPlan bowed =
        strings.equals(strings(brief, leftHand)) ? bow : new BowPlanner().plan(brief, strings);
    return new Study(brief, next, weighed, plan, tuned, bowed, practice, others);
  }

  /** The same study beside other parts of its score. */
  public Study beside(Others newOthers) {
    return new Study(brief, choices, prepared, leftHand, tuning, bow, practice, newOthers);
  }

  /** What the other parts of its score do, where they are known or the player says so. */
  public Others others() {
    return choices.reading().over(others);
  }

  /** What is easily misread on the page, in order of the notes. */
  public List<Trap> traps() {
    boolean rests = choices.tempo().occasion().countsLongRests();
    return Traps.of(brief.reading()).stream()
        .filter(t -> rests || t.kind() != Trap.Kind.LONG_REST)
        .toList();
  }

  /** Whether a trap of this passage was ticked off. */
  public boolean hasSeen(Trap trap) {
    return choices.reading().hasSeen(TrapAt.of(trap, brief.reading().places()));
  }

  /** Passage, player, reading and times, as every planner had them. */
  public Brief brief() {
    return brief;
  }

  /** The music. */
  public Passage passage() {
    return brief.passage();
  }

  /** Who plays it. */
  public Player player() {
    return brief.player();
  }

  /** What the player decided. */
  public Choices choices() {
    return choices;
  }

  /** The notes of the passage. */
  public List<PlayedNote> notes() {
    return brief.notes();
  }

  /** The places of its note heads, on which decisions hold. */
  public NotePlaces places() {
    return brief.reading().places();
  }

  /** The pins in force, by the numbers of its notes. */
  public List<Pin> pins() {
    return pins;
  }

  /** Strings, fingers, positions. */
  public LeftHandPlan leftHand() {
    return leftHand;
  }

  /** The reasons of the left hand that are worth saying. */
  public DecidingReasons deciding() {
    return new DecidingReasons(leftHand);
  }

  /** What puts it in tune. */
  public TuningPlan tuning() {
    return tuning;
  }

  /** Strokes. */
  public BowPlan bow() {
    return bow;
  }

  /** Tempos. */
  public PracticePlan practice() {
    return practice;
  }

  /** The pins on a note, or on the notes of a chord. */
  public List<Pin> pinsOn(int note) {
    return pins.stream().filter(p -> p.note() == note).toList();
  }

  /** Pins that hold on to a place where this passage has no such note: kept, but not in force. */
  public List<PinAt> pinsWithoutPlace() {
    return choices.pins().stream().filter(p -> places().find(p.at()).isEmpty()).toList();
  }

  /**
   * Choices with these pins, by the numbers of this passage, in place of all others on their notes
   * and chords.
   *
   * @param from the choices before
   */
  public Choices pinned(Choices from, List<Pin> newPins) {
    Choices freed = from;
    for (Pin pin : newPins) {
      freed = freed.withoutPins(places().of(pin.note()));
    }
    return freed.withPins(newPins.stream().map(p -> PinAt.of(p, places())).toList());
  }

  /**
   * Other plans that differ in kind, least effort first: see {@link
   * PreparedPassage#differentPlans}.
   *
   * @param count how many are wanted, 0 to 6
   */
  public List<LeftHandPlan> differentPlans(int count) {
    try {
      return prepared.differentPlans(pins, count, count == 0 ? List.of() : winners());
    } catch (PinConflictException e) {
      throw new IllegalStateException("pins that were met cannot be met", e);
    }
  }

  /** The best plans of the other profiles that this player can follow with these pins. */
  private List<LeftHandPlan> winners() {
    List<LeftHandPlan> winners = new ArrayList<>();
    for (String name : Profiles.NAMES) {
      if (!name.equals(choices.profile().name()) && !name.equals(Profiles.AS_PRINTED)) {
        try {
          winners.add(with(choices.withProfile(Profiles.named(name))).leftHand());
        } catch (PinConflictException e) {
          // Then this profile has none: its hand shapes cannot meet the pins.
        }
      }
    }
    return winners;
  }

  /** What the pins on a note cost; empty where there are none. */
  public Optional<Pinned> whyPinned(int note) {
    return pinsOn(note).isEmpty()
        ? Optional.empty()
        : Optional.of(whyPinned(pins.stream().filter(p -> p.note() != note).toList()));
  }

  /** What all pins together cost; empty where there are none. */
  public Optional<Pinned> whyPinned() {
    return pins.isEmpty() ? Optional.empty() : Optional.of(whyPinned(List.of()));
  }

  private Pinned whyPinned(List<Pin> others) {
    try {
      LeftHandPlan free = prepared.plan(others);
      return new Pinned(leftHand.effort() - free.effort(), whyNot(free, leftHand));
    } catch (PinConflictException e) {
      throw new IllegalStateException("pins that were met cannot be met", e);
    }
  }

  /** Why another plan costs more than the one in force, largest difference first. */
  public List<Difference> whyNot(LeftHandPlan other) {
    return whyNot(leftHand, other);
  }

  /** Why one plan costs more than another, largest difference first. */
  public List<Difference> whyNot(LeftHandPlan better, LeftHandPlan other) {
    return prepared.differences(better, other);
  }

  /**
   * A plan made under another profile, weighed by the one in force so that the two can be compared.
   */
  public LeftHandPlan weighed(LeftHandPlan other) {
    try {
      return prepared.weighed(other, pins);
    } catch (PinConflictException e) {
      throw new IllegalStateException("pins that were met cannot be met", e);
    }
  }

  /** Whether the part prints a finger or a string anywhere. */
  public boolean printsFingers() {
    return notes().stream()
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
      Profile asPrinted = Profiles.named(Profiles.AS_PRINTED);
      return Optional.of(weighed(new LeftHandPlanner(player(), asPrinted).plan(brief, List.of())));
    } catch (PinConflictException e) {
      throw new IllegalStateException("a plan without pins finds no way", e);
    }
  }
}
