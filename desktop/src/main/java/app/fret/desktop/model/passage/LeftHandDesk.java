package app.fret.desktop.model.passage;

import app.fret.desktop.model.work.Workers;
import app.fret.lefthand.Pin;
import app.fret.lefthand.PinAt;
import app.fret.lefthand.PinConflictException;
import app.fret.lefthand.effort.Profile;
import app.fret.lefthand.effort.Profiles;
import app.fret.lefthand.hand.Placement;
import app.fret.score.Finger;
import app.fret.score.Span;
import app.fret.study.Choices;
import app.fret.study.LikePins;
import app.fret.study.Study;
import app.fret.study.TakenPlan;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;

/** The left hand of the open passage: its profile, plans that are taken, notes that are pinned. */
public final class LeftHandDesk {
  private final PassageDesk desk;
  private final Workers workers;

  LeftHandDesk(PassageDesk desk, Workers workers) {
    this.desk = desk;
    this.workers = workers;
  }

  /** Plans the passage under another profile. */
  public void setProfile(String name) {
    Profile profile = Profiles.named(name);
    desk.decide(desk.wantedChoices().withProfile(profile), profile.label());
  }

  /** Works out the plans worth comparing and hands them on. */
  public void compare(Consumer<List<Candidate>> onReady) {
    Study now = desk.study();
    desk.work("Working out the plans to compare …", () -> Candidates.of(now), onReady);
  }

  /** Takes a compared plan, for the whole passage or for some bars. */
  public void take(Candidate candidate, Optional<Span> bars) {
    if (bars.isEmpty() && candidate.profile().isPresent()) {
      setProfile(candidate.profile().get());
      return;
    }
    int lastBar = desk.study().passage().bars().size() - 1;
    Span taken = bars.orElse(new Span(0, lastBar));
    Study now = desk.study();
    workers.plan(
        () -> {
          try {
            List<Pin> pins = TakenPlan.pins(now, candidate.plan(), taken);
            workers.show(() -> take(candidate, pins));
          } catch (PinConflictException e) {
            workers.show(() -> desk.refuse(e));
          }
        },
        desk::refuse);
  }

  private void take(Candidate candidate, List<Pin> pins) {
    if (pins.isEmpty()) {
      desk.say("These bars are already taken so.");
    } else {
      pin(pins, "Took " + candidate.name().toLowerCase(Locale.ROOT));
    }
  }

  /** Takes the pin that was offered in place of one that could not be met. */
  public void takeOffer() {
    desk.offerProperty().get().ifPresent(this::pin);
  }

  /** Pins a finger on the selected note. */
  void pinFinger(Finger finger) {
    desk.withSelected(
        note ->
            pin(
                soleWantedPin(note)
                    .map(p -> p.withFinger(finger))
                    .orElse(Pin.finger(note, finger))));
  }

  /** Pins a string on the selected note, where the instrument has it. */
  void pinString(int string) {
    if (string <= desk.instrument().stringCount()) {
      desk.withSelected(
          note ->
              pin(
                  soleWantedPin(note)
                      .map(p -> p.withString(string))
                      .orElse(Pin.string(note, string))));
    }
  }

  /** The pin wanted on a note that has just one, so that finger and string are decided in turn. */
  private Optional<Pin> soleWantedPin(int note) {
    List<Pin> pins =
        PinAt.in(desk.study().places(), desk.wantedChoices().pins()).stream()
            .filter(p -> p.note() == note)
            .toList();
    return pins.size() == 1 ? Optional.of(pins.get(0)) : Optional.empty();
  }

  /** Pins the selected note as the plan takes it. */
  void pinAsShown() {
    desk.selected()
        .filter(plan -> !plan.placement().isLeftOut())
        .ifPresent(plan -> pinWay(plan.note().number(), plan.placement()));
  }

  /** Pins a note or all notes of a chord as a placement takes them, wherever the hand stands. */
  public void pinWay(int note, Placement placement) {
    List<Pin> pins = Pin.taking(note, placement).stream().map(Pin::withoutBase).toList();
    pinWithLike(pins);
  }

  /** Pins a note; the plan follows, or the message says why it cannot. */
  public void pin(Pin pin) {
    pinWithLike(List.of(pin));
  }

  /** Pins a note of a figure, and with it those that sound alike in equal figures. */
  private void pinWithLike(List<Pin> pins) {
    Study now = desk.study();
    LikePins like = new LikePins(now);
    List<Pin> held = like.holding(pins);
    Pin named = pins.get(pins.size() - 1);
    String what = "Pinned " + named.words(desk.instrument()) + " on " + desk.place(named.note());
    List<Pin> alike = held.subList(pins.size(), held.size());
    pin(held, alike.isEmpty() ? what : what + ", and where it comes again in " + like.bars(alike));
  }

  /** Takes the finger pinned on a note for the transposed figures, too. */
  public void pinTransposed(int note) {
    Study now = desk.study();
    LikePins like = new LikePins(now);
    List<Pin> pins = like.transposed(note);
    if (!pins.isEmpty()) {
      pin(pins, "Pinned the same finger in " + like.bars(pins));
    }
  }

  private void pin(List<Pin> pins, String what) {
    Choices next = desk.study().pinned(desk.wantedChoices(), pins);
    desk.decide(next, what);
  }

  /** Frees the selected note. */
  void free() {
    desk.withSelected(this::free);
  }

  private void free(int note) {
    Choices wanted = desk.wantedChoices();
    Choices freed = wanted.withoutPins(desk.study().places().of(note));
    if (freed.equals(wanted)) {
      desk.say("Nothing is pinned on " + desk.place(note) + ".");
    } else {
      desk.decide(freed, "Freed " + desk.place(note));
    }
  }
}
