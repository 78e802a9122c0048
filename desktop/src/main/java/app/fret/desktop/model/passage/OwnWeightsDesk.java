package app.fret.desktop.model.passage;

import app.fret.book.Book;
import app.fret.bow.effort.BowTerms;
import app.fret.bow.stroke.StrokeAt;
import app.fret.desktop.model.work.Words;
import app.fret.desktop.model.work.Workers;
import app.fret.leaning.KeptWay;
import app.fret.leaning.LearnedWeights;
import app.fret.leaning.OwnWeights;
import app.fret.leaning.Side;
import app.fret.lefthand.Difference;
import app.fret.lefthand.LikeNotes;
import app.fret.lefthand.PinAt;
import app.fret.lefthand.PinConflictException;
import app.fret.lefthand.effort.EffortTerms;
import app.fret.score.NoteRef;
import app.fret.study.Choices;
import app.fret.study.Pinned;
import app.fret.study.Study;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/**
 * The own weights of the player of the open passage: moved by the ways they decide, used where they
 * say so, and taken back.
 *
 * <p>What is practised already does not change under the hand: new passages begin with the own
 * weights, one that is open takes them only when it is told to. What is decided while the window
 * closes is kept as ever, but moves no weight.
 */
public final class OwnWeightsDesk {
  /** More decisions at once are a plan or marks that were taken over, no choice of a way. */
  private static final int MOST_AT_ONCE = 3;

  /**
   * A term that weighs otherwise.
   *
   * @param side whose term it is
   * @param leaning how it weighs, and from what
   */
  public record Own(Side side, LearnedWeights leaning) {}

  private final PassageDesk desk;
  private final Book book;
  private final Workers workers;
  private final ReadOnlyObjectWrapper<List<Own>> leanings =
      new ReadOnlyObjectWrapper<>(this, "leanings", List.of());

  OwnWeightsDesk(PassageDesk desk, Book book, Workers workers) {
    this.desk = desk;
    this.book = book;
    this.workers = workers;
    desk.studyProperty().addListener((property, before, now) -> learn(before, now));
    refresh();
  }

  /** The terms that weigh otherwise for this player. */
  public ReadOnlyObjectProperty<List<Own>> leaningsProperty() {
    return leanings.getReadOnlyProperty();
  }

  /** What they weigh, as far as it is known. */
  public OwnWeights weights(Side side) {
    return LearnedWeights.weights(
        leanings.get().stream().filter(o -> o.side() == side).map(Own::leaning).toList());
  }

  /** What weighs otherwise in the open passage. */
  public OwnWeights inForce(Side side) {
    return inForce(desk.study().choices(), side);
  }

  private static OwnWeights inForce(Choices choices, Side side) {
    return side == Side.BOW ? choices.bow().own() : choices.profile().own();
  }

  /** Whether the open passage is planned as for everybody. */
  public boolean isNoneInForce() {
    return inForce(Side.LEFT_HAND).isNone() && inForce(Side.BOW).isNone();
  }

  /** Whether the open passage is planned with the own weights as they are now. */
  public boolean isInForce() {
    return inForce(Side.LEFT_HAND).equals(weights(Side.LEFT_HAND))
        && inForce(Side.BOW).equals(weights(Side.BOW));
  }

  private void learn(Study before, Study now) {
    boolean isSame =
        before.choices().pins().equals(now.choices().pins())
            && before.choices().bow().strokes().equals(now.choices().bow().strokes());
    if (isSame || book.readOnlyReason().isPresent()) {
      return;
    }
    Map<Integer, NoteRef> pinned = pinned(before, now);
    Set<NoteRef> bowed = bowed(before, now);
    int count = pinned.size() + bowed.size();
    if (count == 0 || count > MOST_AT_ONCE) {
      refresh();
    } else {
      workers.planWhileOpen(() -> keep(pinned, bowed, now), desk::tell);
    }
  }

  /** The notes that were pinned anew, each with its place; of those alike in figures the first. */
  private static Map<Integer, NoteRef> pinned(Study before, Study now) {
    List<PinAt> added = new ArrayList<>(now.choices().pins());
    added.removeAll(before.choices().pins());
    LikeNotes like = new LikeNotes(now.brief());
    Map<Integer, NoteRef> notes = new TreeMap<>();
    for (PinAt pin : added) {
      pin.in(now.places())
          .filter(p -> like.equalTo(p.note()).stream().noneMatch(notes::containsKey))
          .ifPresent(p -> notes.putIfAbsent(p.note(), pin.at()));
    }
    return notes;
  }

  /** The places on which a stroke was decided anew. */
  private static Set<NoteRef> bowed(Study before, Study now) {
    List<StrokeAt> added = new ArrayList<>(now.choices().bow().strokes());
    added.removeAll(before.choices().bow().strokes());
    Set<NoteRef> places = new LinkedHashSet<>();
    added.stream()
        .map(StrokeAt::at)
        .filter(at -> now.places().find(at).isPresent())
        .forEach(places::add);
    return places;
  }

  private void keep(Map<Integer, NoteRef> pinned, Set<NoteRef> bowed, Study now) {
    Map<NoteRef, KeptWay> fingers = new LinkedHashMap<>();
    pinned.forEach((note, at) -> fingers.put(at, fingered(now, note)));
    Map<NoteRef, KeptWay> strokes = new LinkedHashMap<>();
    bowed.forEach(at -> strokes.put(at, bowed(now, at)));
    long passage = desk.opened().entry().id();
    workers.keep(
        () -> {
          fingers.forEach((at, way) -> book.keepWay(passage, Side.LEFT_HAND, at, way));
          strokes.forEach((at, way) -> book.keepWay(passage, Side.BOW, at, way));
          show(read(), true);
        },
        desk::tell);
  }

  private static KeptWay fingered(Study now, int note) {
    Map<String, Double> shares = new TreeMap<>();
    for (Difference each : now.whyPinned(note).map(Pinned::why).orElse(List.of())) {
      shares.merge(each.term(), each.share(), Double::sum);
    }
    return KeptWay.of(shares, now.choices().profile().own());
  }

  /** What the bow costs more with what is decided at a place than without it. */
  private static KeptWay bowed(Study now, NoteRef at) {
    Map<String, Double> shares = new TreeMap<>(now.bow().effortByTerm());
    try {
      Choices free = now.choices().with(now.choices().bow().without(List.of(at)));
      now.with(free).bow().effortByTerm().forEach((term, e) -> shares.merge(term, -e, Double::sum));
      return KeptWay.of(shares, now.choices().bow().own());
    } catch (PinConflictException e) {
      throw new IllegalStateException("pins that were met cannot be met", e);
    }
  }

  private List<Own> read() {
    long player = desk.opened().owner().id();
    List<Own> all = new ArrayList<>();
    for (Side side : Side.values()) {
      LearnedWeights.of(book.keptWays(player, side)).forEach(l -> all.add(new Own(side, l)));
    }
    return List.copyOf(all);
  }

  private void refresh() {
    workers.keepWhileOpen(() -> show(read(), false), desk::tell);
  }

  private void show(List<Own> now, boolean tells) {
    workers.show(
        () -> {
          List<Own> before = leanings.get();
          leanings.set(now);
          now.stream()
              .filter(o -> tells && isMoved(o, before))
              .findFirst()
              .ifPresent(o -> desk.say("Kept again: " + weight(o) + " See Own weights."));
        });
  }

  private static boolean isMoved(Own own, List<Own> before) {
    return before.stream()
        .filter(b -> b.side() == own.side())
        .map(Own::leaning)
        .noneMatch(
            b -> b.term().equals(own.leaning().term()) && b.factor() == own.leaning().factor());
  }

  /** A leaning in a sentence or two, with its figures. */
  public String words(Own own) {
    return Words.sentence(weight(own)).replaceFirst("\\.$", "")
        + " You kept ways with more of it "
        + often(own.leaning().more())
        + ", with less "
        + often(own.leaning().less())
        + ".";
  }

  private String weight(Own own) {
    String term = own.leaning().term();
    String name =
        own.side() == Side.BOW
            ? BowTerms.inShort(term)
            : EffortTerms.inShort(desk.study().player(), term);
    return String.format(
        Locale.ROOT, "%s now at %.2f of its weight.", name, own.leaning().factor());
  }

  private static String often(int times) {
    return times == 0 ? "never" : times == 1 ? "once" : times + " times";
  }

  /** Plans the open passage with the own weights. */
  public void use() {
    decide(weights(Side.LEFT_HAND), weights(Side.BOW), "Planned with your own weights");
  }

  /** Plans the open passage as for everybody. */
  public void leave() {
    decide(OwnWeights.NONE, OwnWeights.NONE, "Planned without own weights");
  }

  /** Takes a leaning back: what was kept so far no longer moves the weight of its term. */
  public void takeBack(Own own) {
    long player = desk.opened().owner().id();
    String term = own.leaning().term();
    workers.keep(
        () -> {
          book.takeLeaningBack(player, own.side(), term);
          show(read(), false);
        },
        desk::tell);
    if (!inForce(own.side()).factors().containsKey(term)) {
      desk.say("Taken back.");
    } else if (own.side() == Side.BOW) {
      decide(inForce(Side.LEFT_HAND), inForce(Side.BOW).without(term), "Taken back, here too");
    } else {
      decide(inForce(Side.LEFT_HAND).without(term), inForce(Side.BOW), "Taken back, here too");
    }
  }

  private void decide(OwnWeights leftHand, OwnWeights bow, String what) {
    Choices wanted = desk.wantedChoices();
    desk.decide(wanted.with(wanted.leftHand().with(leftHand)).with(wanted.bow().with(bow)), what);
  }
}
