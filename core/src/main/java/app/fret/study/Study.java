package app.fret.study;

import app.fret.bow.BowPlan;
import app.fret.bow.stroke.DecidedGroups;
import app.fret.brief.Brief;
import app.fret.harmony.Harmonies;
import app.fret.harmony.Harmony;
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
import app.fret.practice.PracticePlan;
import app.fret.practice.drill.Chunks;
import app.fret.practice.drill.DrillChoice;
import app.fret.practice.drill.DrillSource;
import app.fret.practice.drill.ProposedDrill;
import app.fret.reading.NotePlaces;
import app.fret.reading.Others;
import app.fret.reading.PlayedNote;
import app.fret.reading.Reading;
import app.fret.reading.StrokeGroups;
import app.fret.reading.traps.Trap;
import app.fret.reading.traps.TrapAt;
import app.fret.reading.traps.Traps;
import app.fret.score.NoteRef;
import app.fret.score.Passage;
import app.fret.score.Span;
import app.fret.search.Lazy;
import app.fret.shape.Levels;
import app.fret.tuning.TuningPlan;
import app.fret.tuning.TuningPlanner;
import app.fret.vibrato.VibratoPlan;
import app.fret.vibrato.VibratoPlanner;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.function.BiFunction;

/**
 * Everything Fret works out for a passage, in one immutable value that is made only here.
 *
 * <p>Order: the brief, then the left hand on it, then what follows from the fingers and the bow.
 * Under other choices only what they bear on is worked out anew.
 */
public final class Study {
  private final Choices choices;
  private final BothHands hands;
  private final List<Pin> pins;
  private final Lazy<TuningPlan> tuning;
  private final Lazy<List<Harmony>> harmonies;
  private final Lazy<VibratoPlan> vibrato;
  private final Lazy<BowPlan> bow;
  private final Lazy<List<Span>> chunks;
  private final Lazy<List<ProposedDrill>> drills;
  private final Lazy<List<Trap>> traps;
  private final PracticePlan practice;
  private final Others others;

  private Study(Choices choices, BothHands hands, PracticePlan practice, Others others) {
    this.choices = choices;
    this.hands = hands;
    this.pins = List.copyOf(PinAt.in(hands.brief().reading().places(), choices.pins()));
    this.tuning = new Lazy<>(() -> new TuningPlanner().plan(brief(), leftHand(), harmonies()));
    this.harmonies = new Lazy<>(() -> Harmonies.of(brief().reading()));
    this.vibrato = new Lazy<>(() -> VibratoPlanner.plan(brief(), leftHand()));
    this.bow = new Lazy<>(() -> new FingerHops(leftHand()).addTo(hands.bow()));
    this.chunks = new Lazy<>(this::cut);
    this.traps = new Lazy<>(this::findTraps);
    this.drills = new Lazy<>(() -> DrillChoice.of(drillSource()));
    this.practice = practice;
    this.others = others;
  }

  /** Hears when a step of the work is done; for measuring, since the core has no clock. */
  public interface Steps {
    /**
     * Called with the name of the step: {@code shape}, {@code leftHand}, {@code bow}, {@code
     * practice}.
     */
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
    return of(brief(passage, player, choices), choices, Others.NONE, BothHands::prepare, steps);
  }

  /**
   * The same, quicker, where pins decide nearly every finger: how figures are taken is not searched
   * for.
   */
  static Study ofDecided(Passage passage, Player player, Choices choices)
      throws OutOfRangeException, PinConflictException {
    Brief brief = brief(passage, player, choices);
    return of(brief, choices, Others.NONE, BothHands::prepareDecided, step -> {});
  }

  private static Brief brief(Passage passage, Player player, Choices choices)
      throws OutOfRangeException {
    Reading reading = Reading.of(passage);
    return Brief.of(
        reading,
        player,
        choices.tempo().tempos(reading),
        choices.shape(),
        choices.tempo().occasion());
  }

  private static Study of(
      Brief brief,
      Choices choices,
      Others others,
      BiFunction<Brief, Choices, PreparedPassage> weighing,
      Steps steps)
      throws PinConflictException {
    steps.finished("shape");
    Brief decided = brief.bowed(DecidedGroups.of(brief.reading(), choices.bow()));
    PreparedPassage prepared = weighing.apply(decided, choices);
    LeftHandPlan leftHand = BothHands.leftHand(decided, choices, prepared);
    steps.finished("leftHand");
    BothHands hands = BothHands.of(decided, choices, prepared, leftHand, Optional.empty());
    steps.finished("bow");
    PracticePlan practice = practice(brief, choices);
    steps.finished("practice");
    return new Study(choices, hands, practice, others);
  }

  private static PracticePlan practice(Brief brief, Choices choices) {
    return PracticePlan.of(
        brief.passage(), brief.tempos(), choices.tempo(), choices.practice().cleanPerMinute());
  }

  /**
   * The same passage under other choices. What they do not bear on is used again: a pin is quick, a
   * profile keeps brief and bow, a tempo keeps the reading.
   *
   * @throws PinConflictException when the pins cannot be met
   */
  public Study with(Choices next) throws PinConflictException {
    boolean sameStrokes = next.bow().equals(choices.bow());
    if (!next.tempo().equals(choices.tempo())) {
      Brief other = brief().at(next.tempo().tempos(brief().reading()));
      Brief shaped = other.shaped(next.shape(), next.tempo().occasion());
      return of(shaped, next, others, BothHands::prepare, step -> {});
    }
    Brief shaped = next.shape().equals(choices.shape()) ? brief() : brief().shaped(next.shape());
    StrokeGroups groups =
        sameStrokes ? brief().strokes() : DecidedGroups.of(brief().reading(), next.bow());
    Brief bowed = groups.equals(brief().strokes()) ? shaped : shaped.bowed(groups);
    boolean sameGroups = bowed.strokes().equals(brief().strokes());
    boolean sameProfile = next.profile().equals(choices.profile());
    PreparedPassage weighed =
        sameProfile && sameGroups && bowed.levels().asksAs(levels())
            ? hands.prepared()
            : BothHands.prepare(bowed, next);
    boolean sameHand = weighed == hands.prepared() && next.pins().equals(choices.pins());
    LeftHandPlan planned = sameHand ? leftHand() : BothHands.leftHand(bowed, next, weighed);
    return withLeftHand(next, bowed, weighed, planned);
  }

  /**
   * The same passage and choices for another player, or the same one with another hand or tuning.
   *
   * @throws OutOfRangeException when the instrument lacks a note
   * @throws PinConflictException when the pins cannot be met
   */
  public Study with(Player player, Choices next) throws OutOfRangeException, PinConflictException {
    return player.equals(brief().player())
        ? with(next)
        : of(
            Brief.of(
                brief().reading(),
                player,
                next.tempo().tempos(brief().reading()),
                next.shape(),
                next.tempo().occasion()),
            next,
            others,
            BothHands::prepare,
            step -> {});
  }

  /**
   * This study with another plan for the left hand, such as one that is compared: what follows from
   * the fingers is worked out anew.
   *
   * @param plan a plan of the same passage and player
   */
  public Study taking(LeftHandPlan plan) {
    BowPlan bowed = rebowed(choices, brief(), plan);
    BothHands taken = new BothHands(brief(), hands.prepared(), plan, bowed, hands.rounds());
    return new Study(choices, taken, practice, others);
  }

  private Study withLeftHand(Choices next, Brief bowed, PreparedPassage weighed, LeftHandPlan plan)
      throws PinConflictException {
    boolean sameBow = next.bow().equals(choices.bow()) && next.shape().equals(choices.shape());
    boolean sameStrings =
        BothHands.strings(bowed, plan).equals(BothHands.strings(brief(), leftHand()));
    BothHands settled =
        sameBow && sameStrings
            ? new BothHands(bowed, weighed, plan, hands.bow(), hands.rounds())
            : BothHands.of(bowed, next, weighed, plan, Optional.of(hands.bow()));
    boolean samePractice = next.practice().equals(choices.practice());
    return new Study(next, settled, samePractice ? practice : practice(bowed, next), others);
  }

  private BowPlan rebowed(Choices next, Brief bowed, LeftHandPlan plan) {
    boolean same = BothHands.strings(bowed, plan).equals(BothHands.strings(brief(), leftHand()));
    return same ? hands.bow() : BothHands.bow(bowed, next, plan, Optional.of(hands.bow()));
  }

  /** The same study beside other parts of its score. */
  public Study withOthers(Others newOthers) {
    return new Study(choices, hands, practice, newOthers);
  }

  /** What the other parts of its score do, where they are known or the player says so. */
  public Others others() {
    return choices.reading().over(others);
  }

  /** What is easily misread on the page, in order of the notes. */
  public List<Trap> traps() {
    return traps.get();
  }

  private List<Trap> findTraps() {
    boolean rests = choices.tempo().occasion().countsLongRests();
    List<Trap> found = new ArrayList<>(Traps.of(brief().reading()));
    found.addAll(new FlippingPatterns(this).find());
    found.addAll(FingerShifts.of(this));
    found.removeIf(t -> !rests && t.kind() == Trap.Kind.LONG_REST);
    found.sort(Comparator.comparingInt(Trap::note));
    return List.copyOf(found);
  }

  /** Whether a trap of this passage was ticked off. */
  public boolean hasSeen(Trap trap) {
    return choices.reading().hasSeen(TrapAt.of(trap, brief().reading().places()));
  }

  /** Passage, player, reading and times, as every planner had them. */
  public Brief brief() {
    return hands.brief();
  }

  /** The music. */
  public Passage passage() {
    return brief().passage();
  }

  /** Who plays it. */
  public Player player() {
    return brief().player();
  }

  /** What the player decided. */
  public Choices choices() {
    return choices;
  }

  /** The notes of the passage. */
  public List<PlayedNote> notes() {
    return brief().notes();
  }

  /** The places of its note heads, on which decisions hold. */
  public NotePlaces places() {
    return brief().reading().places();
  }

  /** The pins in force, by the numbers of its notes. */
  public List<Pin> pins() {
    return pins;
  }

  /** Strings, fingers, positions. */
  public LeftHandPlan leftHand() {
    return hands.leftHand();
  }

  /** The reasons of the left hand that are worth saying. */
  public DecidingReasons deciding() {
    return new DecidingReasons(leftHand());
  }

  /** Its chords, where they can be told. */
  public List<Harmony> harmonies() {
    return harmonies.get();
  }

  /** What puts it in tune. */
  public TuningPlan tuning() {
    return tuning.get();
  }

  /** Strokes. */
  public BowPlan bow() {
    return bow.get();
  }

  /** The chunks of the passage, as the player cut them or as they are proposed. */
  public List<Span> chunks() {
    return chunks.get();
  }

  private List<Span> cut() {
    TreeSet<Integer> starts = new TreeSet<>();
    for (NoteRef start : choices.practice().chunkStarts()) {
      places().find(start).ifPresent(head -> starts.add(head.note()));
    }
    return starts.isEmpty() ? Chunks.of(drillSource()) : Chunks.between(starts, notes().size());
  }

  /** The drills that the passage asks for, hardest spot first. */
  public List<ProposedDrill> drills() {
    return drills.get();
  }

  /** What drills are made from. */
  public DrillSource drillSource() {
    return new DrillSource(
        brief(), leftHand(), bow(), practice.ladder(), choices.practice().keepsBeat());
  }

  /** Which notes vibrate, and what stands against it. */
  public VibratoPlan vibrato() {
    return vibrato.get();
  }

  /** Levels, phrases and peaks. */
  public Levels levels() {
    return brief().levels();
  }

  /** Total effort of both hands, in the bow's unit. */
  public double effort() {
    return hands.effort();
  }

  /** Total effort of both hands after each round in which they settled, the first first. */
  public List<Double> rounds() {
    return hands.rounds();
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

  /** Those of some pins that can be added to the ones there are: see {@link PreparedPassage}. */
  List<Pin> affordable(List<Pin> newPins, List<Pin> wanted) {
    List<Pin> all = new ArrayList<>(newPins);
    pins.stream()
        .filter(p -> newPins.stream().noneMatch(n -> n.note() == p.note()))
        .forEach(all::add);
    return hands.prepared().affordable(all, wanted);
  }

  /**
   * Other plans that differ in kind, least effort first: see {@link
   * PreparedPassage#differentPlans}.
   *
   * @param count how many are wanted, 0 to 6
   */
  public List<LeftHandPlan> differentPlans(int count) {
    try {
      return hands.prepared().differentPlans(pins, count, count == 0 ? List.of() : winners());
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
      LeftHandPlan free = hands.prepared().plan(others);
      return new Pinned(leftHand().effort() - free.effort(), whyNot(free, leftHand()));
    } catch (PinConflictException e) {
      throw new IllegalStateException("pins that were met cannot be met", e);
    }
  }

  /** Why another plan costs more than the one in force, largest difference first. */
  public List<Difference> whyNot(LeftHandPlan other) {
    return whyNot(leftHand(), other);
  }

  /** Why one plan costs more than another, largest difference first. */
  public List<Difference> whyNot(LeftHandPlan better, LeftHandPlan other) {
    return hands.prepared().differences(better, other);
  }

  /**
   * A plan made under another profile, weighed by the one in force so that the two can be compared.
   */
  public LeftHandPlan weighed(LeftHandPlan other) {
    try {
      return hands.prepared().weighed(other, pins);
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
      return Optional.of(
          weighed(new LeftHandPlanner(player(), asPrinted).plan(brief(), List.of())));
    } catch (PinConflictException e) {
      throw new IllegalStateException("a plan without pins finds no way", e);
    }
  }
}
