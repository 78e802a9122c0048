package app.fret.desktop.model.passage;

import app.fret.book.LogEntry;
import app.fret.bow.search.OtherStroke;
import app.fret.desktop.model.practice.PracticeDay;
import app.fret.desktop.model.work.Words;
import app.fret.instrument.Instrument;
import app.fret.lefthand.Pin;
import app.fret.lefthand.PinAt;
import app.fret.lefthand.hand.Placement;
import app.fret.practice.schedule.CardKind;
import app.fret.practice.trial.Trial;
import app.fret.practice.trial.TrialPlan;
import app.fret.practice.trial.TrialPlan.Candidate;
import app.fret.practice.trial.Way;
import app.fret.score.NoteRef;
import app.fret.study.Choices;
import app.fret.study.Study;
import app.fret.study.TrialStudy;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Two ways of one spot of the open passage, tried in turn until one is kept. */
public final class TrialDesk {
  private final PassageDesk desk;
  private final Clock clock;

  TrialDesk(PassageDesk desk, Clock clock) {
    this.desk = desk;
    this.clock = clock;
    desk.studyProperty()
        .addListener(
            (property, before, now) -> {
              if (!trial(before).equals(trial(now))) {
                desk.day().ifPresent(PracticeDay::refresh);
              }
            });
  }

  private static Optional<TrialPlan> trial(Study study) {
    return study.choices().practice().trial();
  }

  /** The trial that is open. */
  public Optional<TrialPlan> plan() {
    return trial(desk.study());
  }

  /** How far it has come, from the log. */
  public Trial played() {
    return plan()
        .map(
            plan ->
                new Trial(
                    desk.passes().entries().stream()
                        .filter(e -> e.played().card() == CardKind.TRIAL)
                        .filter(e -> !e.at().isBefore(plan.since()))
                        .flatMap(TrialDesk::pass)
                        .toList()))
        .orElse(new Trial(List.of()));
  }

  private static Stream<Trial.Pass> pass(LogEntry entry) {
    return entry.played().way().stream().map(way -> new Trial.Pass(way, entry.clean()));
  }

  /** Begins to try another fingering of a note against the present one. */
  public void beginFingering(int note, Placement other) {
    Study study = desk.study();
    Placement present = study.leftHand().notes().get(note).placement();
    begin(
        study.places().top(note),
        new Candidate(words(present, other), pins(study, note, present), Optional.empty()),
        new Candidate(words(other, present), pins(study, note, other), Optional.empty()));
  }

  /** Begins to try another stroke against the present one. */
  public void beginBowing(OtherStroke other) {
    begin(
        other.decided().at(),
        new Candidate("the stroke as it is", List.of(), Optional.empty()),
        new Candidate(other.what(), List.of(), Optional.of(other.decided())));
  }

  private static List<PinAt> pins(Study study, int note, Placement placement) {
    List<Pin> pins = Pin.taking(note, placement).stream().map(Pin::withoutBase).toList();
    List<NoteRef> heads = study.places().of(note);
    Choices free = study.choices().withoutPins(heads);
    return study.pinned(free, pins).pins().stream().filter(p -> heads.contains(p.at())).toList();
  }

  /** The stops in which a placement differs from another. */
  private static String words(Placement placement, Placement from) {
    boolean isAlike = from.stops().containsAll(placement.stops());
    return placement.stops().stream()
        .filter(s -> isAlike || !from.stops().contains(s))
        .map(s -> s.finger().sign() + " on " + Instrument.numeral(s.string()))
        .collect(Collectors.joining(", "));
  }

  private void begin(NoteRef at, Candidate a, Candidate b) {
    if (plan().isPresent()) {
      desk.say("Another trial is open in this passage; keep one of its ways first.");
      return;
    }
    TrialPlan plan = new TrialPlan(at, clock.instant(), a, b);
    desk.practise()
        .decide(
            desk.practise().choices().withTrial(Optional.of(plan)),
            "Trial begun: "
                + a.words()
                + " against "
                + b.words()
                + ", at the next visit in Practise");
  }

  /** Keeps a way, for the reason the passes give. */
  public void keep(Way way) {
    plan()
        .ifPresent(
            plan -> {
              Choices kept = TrialStudy.choices(desk.study(), plan, way);
              desk.decide(
                  kept.with(kept.practice().withTrial(Optional.empty())),
                  "Kept " + plan.candidate(way).words() + ", " + reason(way));
            });
  }

  private String reason(Way way) {
    Trial trial = played();
    return "clean "
        + trial.clean(way)
        + " of "
        + trial.played(way)
        + " times against "
        + trial.clean(way.other())
        + " of "
        + trial.played(way.other());
  }

  /** Where it stands, in a sentence or two; never says that anything is proved. */
  public String words() {
    Optional<TrialPlan> plan = plan();
    if (plan.isEmpty()) {
      return "";
    }
    Trial trial = played();
    String counts =
        "A clean "
            + trial.clean(Way.A)
            + " of "
            + trial.played(Way.A)
            + ", B "
            + trial.clean(Way.B)
            + " of "
            + trial.played(Way.B)
            + ". ";
    return counts
        + switch (trial.verdict()) {
          case OPEN ->
              "Three pairs ahead decide; "
                  + Words.count(trial.pairs(), "pair", "pairs")
                  + " of at most "
                  + Trial.MOST_PAIRS
                  + " played.";
          case A_LEADS -> "A leads by three pairs: " + plan.get().a().words() + ".";
          case B_LEADS -> "B leads by three pairs: " + plan.get().b().words() + ".";
          case UNDECIDED -> "Undecided after all pairs: keep what you did before.";
        };
  }
}
