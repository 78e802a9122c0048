package app.fret.lefthand;

import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.reading.Families;
import app.fret.reading.Form;
import app.fret.reading.PlayedNote;
import app.fret.reading.Reading;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/**
 * How the notes of figures are taken elsewhere: of all times a figure comes, the fingers it has
 * most often, the earlier when two are as frequent.
 */
final class FigureModels {
  private final Placement[] models;
  private final boolean[] samePitch;

  /**
   * Reads the models from a finished path.
   *
   * @param reading the figures and the stretches that come back
   * @param notes the notes of the passage
   * @param taken how each note is taken while figures and pins do not count
   */
  FigureModels(Reading reading, List<PlayedNote> notes, List<Placement> taken) {
    models = new Placement[notes.size()];
    samePitch = new boolean[notes.size()];
    for (Families.Family family : reading.families()) {
      int model = mostFrequent(family, taken);
      for (Span span : family.spans()) {
        for (int i = 0; i < family.size(); i++) {
          models[span.first() + i] = taken.get(model + i);
          samePitch[span.first() + i] = family.samePitch();
        }
      }
    }
    addReturns(reading.returns(), notes, taken);
  }

  /** Where a stretch comes back that is no figure otherwise, it is taken as it was. */
  private void addReturns(
      List<Form.Return> returns, List<PlayedNote> notes, List<Placement> taken) {
    Map<Integer, List<Integer>> inBar = new HashMap<>();
    notes.forEach(n -> inBar.computeIfAbsent(n.bar(), b -> new ArrayList<>()).add(n.number()));
    for (Form.Return back : returns) {
      for (int bar = back.firstBar(); bar <= back.lastBar(); bar++) {
        List<Integer> now = inBar.getOrDefault(bar, List.of());
        List<Integer> was = inBar.get(back.earlierBar() + bar - back.firstBar());
        for (int i = 0; i < now.size(); i++) {
          if (!back.differs().contains(now.get(i)) && models[now.get(i)] == null) {
            models[was.get(i)] =
                Optional.ofNullable(models[was.get(i)]).orElse(taken.get(was.get(i)));
            models[now.get(i)] = models[was.get(i)];
            samePitch[now.get(i)] = back.soundsAlike();
          }
        }
      }
    }
  }

  /** First note of the span whose fingers are the most frequent. */
  private static int mostFrequent(Families.Family family, List<Placement> taken) {
    Map<List<List<Integer>>, Integer> counts = new HashMap<>();
    for (Span span : family.spans()) {
      counts.merge(fingers(family, span, taken), 1, Integer::sum);
    }
    int best = 0;
    int model = family.spans().get(0).first();
    for (Span span : family.spans()) {
      int count = counts.get(fingers(family, span, taken));
      if (count > best) {
        best = count;
        model = span.first();
      }
    }
    return model;
  }

  private static List<List<Integer>> fingers(
      Families.Family family, Span span, List<Placement> taken) {
    List<List<Integer>> fingers = new ArrayList<>();
    for (int i = span.first(); i <= span.last(); i++) {
      List<Integer> of = new ArrayList<>();
      for (Stop stop : taken.get(i).stops()) {
        of.add(stop.finger().ordinal());
        if (family.samePitch()) {
          of.add(stop.string());
        }
      }
      fingers.add(of);
    }
    return fingers;
  }

  /** Whether the passage has no figure at all. */
  boolean isEmpty() {
    return Arrays.stream(models).allMatch(Objects::isNull);
  }

  /** How a note of a figure is taken elsewhere; empty outside figures. */
  Optional<Placement> of(int note) {
    return Optional.ofNullable(models[note]);
  }

  /** Whether the figure elsewhere sounds the same pitches. */
  boolean samePitch(int note) {
    return samePitch[note];
  }
}
