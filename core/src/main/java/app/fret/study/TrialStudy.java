package app.fret.study;

import app.fret.bow.stroke.BowChoices;
import app.fret.lefthand.PinConflictException;
import app.fret.practice.trial.TrialPlan;
import app.fret.practice.trial.TrialPlan.Candidate;
import app.fret.practice.trial.Way;
import app.fret.score.NoteRef;
import app.fret.score.Span;
import java.util.List;

/** A passage as one of two ways takes it. */
public final class TrialStudy {
  private TrialStudy() {}

  /** The passage planned with a way; as it is where the way contradicts other decisions. */
  public static Study of(Study study, TrialPlan plan, Way way) {
    try {
      return study.with(choices(study, plan, way));
    } catch (PinConflictException e) {
      return study;
    }
  }

  /** Numbers of the bars that are played: that of the spot, one before it and one after. */
  public static Span bars(Study study, TrialPlan plan) {
    int bar = plan.at().bar();
    int last = study.passage().bars().size() - 1;
    return new Span(Math.max(0, bar - 1), Math.min(last, bar + 1));
  }

  /** How long these bars take at the target, rests left out. */
  public static double seconds(Study study, TrialPlan plan) {
    Span bars = bars(study, plan);
    double seconds =
        study.notes().stream()
            .filter(n -> bars.holds(n.bar()))
            .mapToDouble(n -> study.brief().timeline().lengthSeconds(n.number()))
            .sum();
    return Math.max(1, seconds);
  }

  /** What is decided when a way is kept. */
  public static Choices choices(Study study, TrialPlan plan, Way way) {
    Candidate kept = plan.candidate(way);
    Choices choices = study.choices();
    boolean isOfBow = plan.a().stroke().isPresent() || plan.b().stroke().isPresent();
    if (!isOfBow) {
      List<NoteRef> heads = plan.places();
      return choices.withoutPins(heads).withPins(kept.pins());
    }
    BowChoices bow = choices.bow();
    for (Candidate each : List.of(plan.a(), plan.b())) {
      bow = each.stroke().isPresent() ? bow.without(each.stroke().get()) : bow;
    }
    return choices.with(kept.stroke().isPresent() ? bow.with(kept.stroke().get()) : bow);
  }
}
