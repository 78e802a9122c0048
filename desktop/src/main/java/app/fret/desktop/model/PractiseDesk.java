package app.fret.desktop.model;

import app.fret.practice.Climb;
import app.fret.practice.schedule.Card;
import app.fret.practice.schedule.CardKind;
import app.fret.practice.schedule.Spot;
import app.fret.score.Tempo;
import app.fret.study.ProgrammeItem;
import java.util.Optional;

/** What is counted while the open passage is practised: passes for the open card, slips, hurts. */
public final class PractiseDesk {
  private final PassageDesk desk;
  private Optional<PracticeDay> day = Optional.empty();
  private Optional<PulseDesk> pulse = Optional.empty();
  private Optional<Integer> missedAt = Optional.empty();

  PractiseDesk(PassageDesk desk) {
    this.desk = desk;
  }

  /** The cards of the player's day; empty where a passage is opened without a programme. */
  Optional<PracticeDay> day() {
    return day;
  }

  void setDay(PracticeDay newDay) {
    day = Optional.of(newDay);
    desk.passes().onAdded(newDay::count);
    desk.passes().onTakenBack(newDay::refresh);
  }

  /** The pulse that is heard; empty where a passage is opened without a window. */
  public Optional<PulseDesk> pulse() {
    return pulse;
  }

  void setPulse(PulseDesk newPulse) {
    pulse = Optional.of(newPulse);
  }

  /** Logs a pass for the open card. */
  void log(boolean clean) {
    Optional<PracticeDay.Task> task = openTask();
    // What has no tempo of its own, a warm-up or a break, is no reason to lose a pass.
    if (task.filter(t -> t.card().perMinute().isPresent()).isEmpty()) {
      desk.passes().add(clean, desk::tell);
    } else {
      log(task.get().card(), clean, false);
    }
  }

  private void log(Card card, boolean clean, boolean hurts) {
    Optional<String> spot =
        clean || card.spot().isPresent() ? card.spot().map(Spot::place) : missedPlace();
    desk.passes().add(clean, tempoOf(card), card.kind(), spot, hurts, desk::tell);
  }

  /** A ladder card goes on to the next rung as soon as that is open. */
  public Tempo tempoOf(Card card) {
    Climb climb = desk.passes().climbProperty().get();
    return card.kind() == CardKind.LADDER
        ? climb.ladder().tempo(climb.rung())
        : desk.study().choices().target().at(card.perMinute().orElseThrow());
  }

  /** Where the player clicked a note in this music, to say where it missed. */
  private Optional<String> missedPlace() {
    return missedAt.map(note -> ProgrammeItem.place(desk.study(), note));
  }

  /** Says at which note the next miss was; empty for nowhere. */
  public void setMissedAt(Optional<Integer> note) {
    missedAt = note;
  }

  /** The open card when it is for this passage, or for none. */
  private Optional<PracticeDay.Task> openTask() {
    long passage = desk.opened().entry().id();
    return day.flatMap(PracticeDay::openTask)
        .filter(t -> t.card().item().isEmpty() || day.orElseThrow().isFor(passage));
  }

  /** It hurts or tires: the card ends, the spot rests today. */
  void hurts() {
    Optional<PracticeDay.Task> task = openTask().filter(t -> t.card().perMinute().isPresent());
    if (task.isPresent()) {
      log(task.get().card(), false, true);
      day.orElseThrow().tick(task.get().number(), true);
    } else {
      Climb climb = desk.passes().climbProperty().get();
      Tempo tempo = climb.ladder().tempo(climb.rung());
      desk.passes().add(false, tempo, CardKind.LADDER, missedPlace(), true, desk::tell);
    }
  }

  /** Takes the newest pass back. */
  void slip() {
    desk.passes().takeBack(desk::tell);
  }
}
