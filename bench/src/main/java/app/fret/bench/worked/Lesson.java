package app.fret.bench.worked;

import app.fret.lefthand.LeftHandPlanner;
import app.fret.lefthand.Route;
import app.fret.lefthand.effort.Profiles;
import app.fret.lefthand.fitting.Choice;
import app.fret.lefthand.fitting.Example;
import app.fret.lefthand.fitting.Weights;
import java.util.ArrayList;
import java.util.List;

/**
 * A worked passage as a fit of the weights learns from it.
 *
 * @param collection which of {@link WorkedFile#COLLECTIONS} it is from
 * @param passage the passage
 * @param example the passage read, for its player
 */
record Lesson(String collection, WorkedPassage passage, Example example) {
  /** Those of all collections and instruments, in their order. */
  static List<Lesson> all() {
    List<Lesson> lessons = new ArrayList<>();
    for (String instrument : WorkedFile.INSTRUMENTS) {
      for (String collection : WorkedFile.COLLECTIONS) {
        for (WorkedPassage passage : WorkedFile.read(collection, instrument)) {
          lessons.add(new Lesson(collection, passage, passage.example()));
        }
      }
    }
    return lessons;
  }

  /** The share of agreed notes that the first plan under these weights takes as agreed, 0 to 1. */
  double agreement(Weights weights) {
    Route route =
        new LeftHandPlanner(
                example.brief().player(), weights.profile(Profiles.named(example.profile())))
            .prepare(example.brief())
            .best();
    return example.ways().stream().mapToDouble(way -> share(way, route)).max().orElseThrow();
  }

  private static double share(List<Choice> way, Route route) {
    long met = way.stream().filter(c -> c.isMetBy(route.placements().get(c.note()))).count();
    return (double) met / way.size();
  }
}
