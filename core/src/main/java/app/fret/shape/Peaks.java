package app.fret.shape;

import app.fret.reading.NotePlaces;
import app.fret.reading.PlayedNote;
import app.fret.reading.Reading;
import app.fret.score.NoteRef;
import app.fret.score.Span;
import app.fret.time.Timeline;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;

/**
 * The phrases of a passage with their peaks: the highest note under the strongest mark, or one much
 * longer that is nearly as high (common practice, no source).
 */
final class Peaks {
  /** Half steps that a note of twice the length may lie lower. */
  private static final double HALF_STEPS_A_DOUBLING = 2;

  /** Notes within so much of the loudest are under the strongest mark. */
  private static final double ABOUT_AS_LOUD = 0.5;

  private static final int MOST_POSSIBLE = 3;

  private final Reading reading;
  private final Timeline timeline;
  private final ShapeChoices choices;
  private final double[] asked;

  /**
   * The peaks of a passage.
   *
   * @param asked the level each note is asked at, in print or by the player
   */
  Peaks(Reading reading, Timeline timeline, ShapeChoices choices, double[] asked) {
    this.asked = asked;
    this.reading = reading;
    this.timeline = timeline;
    this.choices = choices;
  }

  List<Phrase> phrases() {
    List<Phrase> phrases = new ArrayList<>();
    int count = reading.notes().size();
    for (Span span : choices.own().phrases(reading.phrases(), reading.places(), count)) {
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
        possiblePeaks(span),
        movedPeak,
        isLevel,
        Optional.ofNullable(choices.characters().get(first)));
  }

  private List<Integer> possiblePeaks(Span span) {
    double loudest = 0;
    for (int i = span.first(); i <= span.last(); i++) {
      loudest = Math.max(loudest, asked[i]);
    }
    List<Integer> possible = new ArrayList<>();
    for (int i = span.first(); i <= span.last(); i++) {
      if (!reading.notes().get(i).isGrace() && asked[i] >= loudest - ABOUT_AS_LOUD) {
        possible.add(i);
      }
    }
    possible.sort(Comparator.comparingDouble(note -> -weight(note)));
    List<Integer> apart = firstOfEach(possible);
    return apart.isEmpty()
        ? List.of(span.first())
        : apart.subList(0, Math.min(MOST_POSSIBLE, apart.size()));
  }

  /** Of equal pitches in one bar the first that was ranked: another would be no other way. */
  private List<Integer> firstOfEach(List<Integer> ranked) {
    Set<List<Object>> known = new HashSet<>();
    List<Integer> apart = new ArrayList<>();
    for (int i : ranked) {
      PlayedNote note = reading.notes().get(i);
      if (known.add(List.of(note.bar(), height(note)))) {
        apart.add(i);
      }
    }
    return apart;
  }

  private double weight(int note) {
    return height(reading.notes().get(note)) + HALF_STEPS_A_DOUBLING * lengthInDoublings(note);
  }

  private static double height(PlayedNote note) {
    return note.notes().get(note.notes().size() - 1).written().semitone();
  }

  private double lengthInDoublings(int note) {
    return Math.log(timeline.lengthSeconds(note)) / Math.log(2);
  }
}
