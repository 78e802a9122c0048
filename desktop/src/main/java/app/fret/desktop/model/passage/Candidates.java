package app.fret.desktop.model.passage;

import app.fret.lefthand.LeftHandPlan;
import app.fret.lefthand.PinConflictException;
import app.fret.lefthand.effort.Profile;
import app.fret.lefthand.effort.Profiles;
import app.fret.study.OtherFingering;
import app.fret.study.Study;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The plans of a study that are worth comparing. */
public final class Candidates {
  private static final int OTHER_PLANS = 4;

  private Candidates() {}

  /** The plan in force, the best of each other profile, other ways, and the part's own fingers. */
  static List<Candidate> of(Study study) {
    List<Candidate> candidates = new ArrayList<>();
    Profile inForce = study.choices().profile();
    candidates.add(
        new Candidate("Now: " + inForce.label(), Optional.of(inForce.name()), study.leftHand()));
    for (String name : Profiles.NAMES) {
      boolean printed = name.equals(Profiles.AS_PRINTED);
      if (!name.equals(inForce.name()) && !printed) {
        profile(study, name).ifPresent(candidates::add);
      }
    }
    int number = 1;
    for (OtherFingering other : OtherFingering.of(study, OTHER_PLANS)) {
      boolean isListed = candidates.stream().anyMatch(c -> c.differing(other.plan()).isEmpty());
      if (!isListed) {
        String words = "Fingering " + ++number + ": " + inSentence(other.name());
        String said = other.isAsGood() ? words + ", as good" : words;
        candidates.add(new Candidate(said, Optional.empty(), other.plan()));
      }
    }
    study
        .asPrinted()
        .ifPresent(p -> candidates.add(new Candidate("As printed", Optional.empty(), p)));
    return candidates;
  }

  private static Optional<Candidate> profile(Study study, String name) {
    try {
      Profile profile = Profiles.named(name);
      LeftHandPlan plan = study.with(study.choices().withProfile(profile)).leftHand();
      LeftHandPlan weighed = study.weighed(plan);
      return Optional.of(new Candidate(profile.label(), Optional.of(name), weighed));
    } catch (PinConflictException e) {
      return Optional.empty(); // pins that this profile's own hand shapes cannot meet
    }
  }

  /** Only the first letter: names of strings stay as they are. */
  private static String inSentence(String name) {
    return Character.toLowerCase(name.charAt(0)) + name.substring(1);
  }
}
