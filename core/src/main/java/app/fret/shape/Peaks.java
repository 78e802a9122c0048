package app.fret.shape;

import app.fret.reading.NotePlaces;
import app.fret.reading.PlayedNote;
import app.fret.reading.Reading;
import app.fret.score.NoteRef;
import app.fret.score.Span;
import app.fret.time.Timeline;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * The phrases of a passage with their peaks: the highest note under the strongest mark, or one much
 * longer that is nearly as high (common practice, no source).
 */
final class Peaks {
  /** Half steps that a note of twice the length may lie lower. */
  private static final double HALF_STEPS_A_DOUBLING = 2;

  /** Notes within so much of the loudest are under the strongest mark. */
  private static final double ABOUT_AS_LOUD = 0.5;

  private final Reading reading;
  private final Timeline timeline;
  private final ShapeChoices choices;

  Peaks(Reading reading, Timeline timeline, ShapeChoices choices) {
    this.reading = reading;
    this.timeline = timeline;
    this.choices = choices;
  }

  List<Phrase> phrases() {
    List<Phrase> phrases = new ArrayList<>();
    for (Span span : reading.phrases()) {
      phrases.add(phrase(span));
    }
    return phrases;
  }

  private Phrase phrase(Span span) {
    NoteRef first = reading.places().top(span.first());
    Optional<NoteRef> moved = choices.peaks().getOrDefault(first, Optional.empty());
    boolean isLevel = choices.peaks().containsKey(first) && moved.isEmpty();
    OptionalInt movedPeak =
        moved
            .flatMap(reading.places()::find)
            .map(NotePlaces.Head::note)
            .filter(span::holds)
            .map(OptionalInt::of)
            .orElse(OptionalInt.empty());
    return new Phrase(
        span.first(),
        span.last(),
        peak(span),
        movedPeak,
        isLevel,
        Optional.ofNullable(choices.characters().get(first)));
  }

  private int peak(Span span) {
    double loudest = 0;
    for (int i = span.first(); i <= span.last(); i++) {
      loudest = Math.max(loudest, reading.level(i));
    }
    int peak = span.first();
    double best = Double.NEGATIVE_INFINITY;
    for (int i = span.first(); i <= span.last(); i++) {
      PlayedNote note = reading.notes().get(i);
      if (!note.isGrace() && reading.level(i) >= loudest - ABOUT_AS_LOUD) {
        double weight = height(note) + HALF_STEPS_A_DOUBLING * lengthInDoublings(i);
        if (weight > best) {
          best = weight;
          peak = i;
        }
      }
    }
    return peak;
  }

  private static double height(PlayedNote note) {
    return note.notes().get(note.notes().size() - 1).written().semitone();
  }

  private double lengthInDoublings(int note) {
    return Math.log(timeline.lengthSeconds(note)) / Math.log(2);
  }
}
