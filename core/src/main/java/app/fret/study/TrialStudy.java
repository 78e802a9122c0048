package app.fret.study;

import app.fret.bow.BowChoices;
import app.fret.lefthand.PinConflictException;
import app.fret.practice.trial.TrialPlan;
import app.fret.practice.trial.TrialPlan.Candidate;
import app.fret.practice.trial.Way;
import app.fret.score.NoteRef;
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
