package app.fret.desktop.model;

import app.fret.book.Book;
import app.fret.lefthand.PinAt;
import app.fret.lefthand.effort.OwnWeights;
import app.fret.lefthand.leaning.KeptWay;
import app.fret.lefthand.leaning.Leaning;
import app.fret.score.NoteRef;
import app.fret.study.Choices;
import app.fret.study.Pinned;
import app.fret.study.Study;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

/**
 * The own weights of the player of the open passage: moved by the ways they pin, used where they
 * say so, and taken back.
 *
 * <p>What is practised already does not change under the hand: new passages begin with the own
 * weights, one that is open takes them only when it is told to.
 */
public final class OwnWeightsDesk {
  /** More pins at once are a plan or marks that were taken over, no choice of a way. */
  private static final int MOST_AT_ONCE = 3;

  private final PassageDesk desk;
  private final Book book;
  private final Workers workers;
  private final ReadOnlyObjectWrapper<List<Leaning>> leanings =
      new ReadOnlyObjectWrapper<>(this, "leanings", List.of());

  OwnWeightsDesk(PassageDesk desk, Book book, Workers workers) {
    this.desk = desk;
    this.book = book;
    this.workers = workers;
    desk.studyProperty().addListener((property, before, now) -> learn(before, now));
    refresh();
  }

  /** The terms that weigh otherwise for this player. */
  public ReadOnlyObjectProperty<List<Leaning>> leaningsProperty() {
    return leanings.getReadOnlyProperty();
  }

  /** What they weigh, as far as it is known. */
  public OwnWeights weights() {
    return Leaning.weights(leanings.get());
  }

  /** What weighs otherwise in the open passage. */
  public OwnWeights inForce() {
    return desk.study().choices().profile().own();
  }

  private void learn(Study before, Study now) {
    List<PinAt> added = new ArrayList<>(now.choices().pins());
    added.removeAll(before.choices().pins());
    boolean isSame = before.choices().pins().equals(now.choices().pins());
    if (isSame || book.readOnlyReason().isPresent()) {
      return;
    }
    Map<Integer, NoteRef> notes = new TreeMap<>();
    added.forEach(
        pin -> pin.in(now.places()).ifPresent(p -> notes.putIfAbsent(p.note(), pin.at())));
    if (notes.isEmpty() || notes.size() > MOST_AT_ONCE) {
      refresh();
    } else {
      workers.plan(() -> keep(notes, now), desk::tell);
    }
  }

  private void keep(Map<Integer, NoteRef> notes, Study now) {
    Map<NoteRef, KeptWay> ways = new LinkedHashMap<>();
    notes.forEach((note, at) -> ways.put(at, way(now, note)));
    workers.keep(
        () -> {
          ways.forEach((at, way) -> book.keepWay(desk.opened().entry().id(), at, way));
          show(read(), true);
        },
        desk::tell);
  }

  private static KeptWay way(Study now, int note) {
    return KeptWay.of(
        now.whyPinned(note).map(Pinned::why).orElse(List.of()), now.choices().profile().own());
  }

  private List<Leaning> read() {
    return Leaning.of(book.keptWays(desk.opened().owner().id()));
  }

  private void refresh() {
    workers.keep(() -> show(read(), false), desk::tell);
  }

  private void show(List<Leaning> now, boolean tells) {
    workers.show(
        () -> {
          List<Leaning> before = leanings.get();
          leanings.set(now);
          now.stream()
              .filter(l -> tells && isMoved(l, before))
              .findFirst()
              .ifPresent(l -> desk.say("Kept again: " + weight(l) + " See Own weights."));
        });
  }

  private static boolean isMoved(Leaning leaning, List<Leaning> before) {
    return before.stream()
        .noneMatch(b -> b.term().equals(leaning.term()) && b.factor() == leaning.factor());
  }

  /** A leaning in a sentence or two, with its figures. */
  public String words(Leaning leaning) {
    return Words.sentence(weight(leaning)).replaceFirst("\\.$", "")
        + " You kept ways with more of it "
        + often(leaning.more())
        + ", with less "
        + often(leaning.less())
        + ".";
  }

  private String weight(Leaning leaning) {
    String name = leaning.inShort(desk.study().player());
    return String.format(Locale.ROOT, "%s now at %.2f of its weight.", name, leaning.factor());
  }

  private static String often(int times) {
    return times == 0 ? "never" : times == 1 ? "once" : times + " times";
  }

  /** Plans the open passage with the own weights. */
  public void use() {
    decide(weights(), "Planned with your own weights");
  }

  /** Plans the open passage as for everybody. */
  public void leave() {
    decide(OwnWeights.NONE, "Planned without own weights");
  }

  /** Takes a leaning back: what was kept so far no longer moves the weight of its term. */
  public void takeBack(Leaning leaning) {
    long player = desk.opened().owner().id();
    workers.keep(
        () -> {
          book.takeLeaningBack(player, leaning.term());
          show(read(), false);
        },
        desk::tell);
    Map<String, Double> left = new TreeMap<>(inForce().factors());
    if (left.remove(leaning.term()) != null) {
      decide(new OwnWeights(left), "Taken back, here too");
    } else {
      desk.say("Taken back.");
    }
  }

  private void decide(OwnWeights own, String what) {
    Choices wanted = desk.wantedChoices();
    desk.decide(wanted.with(wanted.leftHand().with(own)), what);
  }
}
