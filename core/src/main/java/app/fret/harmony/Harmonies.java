package app.fret.harmony;

import app.fret.harmony.SoundingBeats.Beat;
import app.fret.reading.PlayedNote;
import app.fret.reading.Reading;
import app.fret.score.Note;
import app.fret.score.Step;
import app.fret.score.WrittenPitch;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * The chords of a passage, found by what weighs: length, beat and bass.
 *
 * <p>Problem: one line alone rarely spells a whole chord, and notes that pass by belong to none.
 * Method: for each beat every chord on every tone is weighed by the tones that belong to it and
 * those that do not; changing the chord costs little at a bar line, more in the middle of a bar and
 * most elsewhere; the cheapest run of chords is exact (a Viterbi pass, beats times chords). A
 * stretch is named only where its tones sound, of which the fifth may be left out, and most of what
 * sounds belongs to it; elsewhere nothing is said. Figures are Fret's own.
 */
public final class Harmonies {
  private static final int LETTERS = 7;
  private static final double NOT_OF_IT = -0.75;

  /** What root, third, fifth and seventh speak for a chord. */
  private static final double[] SPEAKS = {1.15, 1.0, 0.85, 0.7};

  /** A seventh over any other than a dominant is rather a note that passes. */
  private static final double OTHER_SEVENTH = -0.1;

  private static final double AT_THE_BAR = 0.4;
  private static final double AT_THE_HALF = 1.1;
  private static final double ELSEWHERE = 1.8;
  private static final double SEVENTH = 0.3;
  private static final double DOMINANT = 0.15;
  private static final double OUT_OF_KEY = 0.5;
  private static final double LEADS_BY_FIFTH = 0.2;
  private static final double RARE = 0.3;
  private static final double LEAST_SURE = 0.62;
  private static final double LEAST_OF_EACH = 0.06;
  private static final int FIFTH = 2;

  private final Reading reading;
  private final Tonic tonic;
  private final List<Beat> beats;
  private final List<Candidate> candidates = new ArrayList<>();
  private final double usualWeight;

  /**
   * A chord on one of the twelve tones.
   *
   * @param tones its tones, root first
   * @param cost what it costs to go to it, in usual beats
   */
  private record Candidate(int root, Chord.Quality quality, int[] tones, double cost) {
    /** Whether all its tones sound but for the fifth, which may be left out. */
    boolean sounds(double[] weights, double least) {
      return IntStream.range(0, tones.length)
          .filter(i -> i != FIFTH || quality.isFifthTold())
          .allMatch(i -> weights[tones[i]] >= least);
    }

    double speaks(double[] weights) {
      double sum = 0;
      double within = 0;
      for (int i = 0; i < tones.length; i++) {
        boolean isOther = i == 3 && !quality.isDominant();
        sum += (isOther ? OTHER_SEVENTH : SPEAKS[i]) * weights[tones[i]];
        within += weights[tones[i]];
      }
      double all = 0;
      for (double weight : weights) {
        all += weight;
      }
      return sum + NOT_OF_IT * (all - within);
    }
  }

  private Harmonies(Reading reading) {
    this.reading = reading;
    this.tonic = Tonic.of(reading.passage().bars().get(0).key(), reading.notes());
    this.beats = SoundingBeats.of(reading);
    this.usualWeight =
        beats.stream().mapToDouble(Beat::weight).filter(w -> w > 0).average().orElse(1);
    for (int root = 0; root < SoundingBeats.TONES; root++) {
      for (Chord.Quality quality : Chord.Quality.values()) {
        candidates.add(candidate(root, quality));
      }
    }
  }

  /** The chords of a passage in order; stretches where none can be told are left out. */
  public static List<Harmony> of(Reading reading) {
    return reading.notes().isEmpty() ? List.of() : new Harmonies(reading).find();
  }

  private Candidate candidate(int root, Chord.Quality quality) {
    List<Integer> above = quality.semitonesAboveRoot();
    int[] tones = new int[above.size() + 1];
    tones[0] = root;
    for (int i = 0; i < above.size(); i++) {
      tones[i + 1] = (root + above.get(i)) % SoundingBeats.TONES;
    }
    return new Candidate(root, quality, tones, cost(root, quality, tones));
  }

  /** Chords of the key are near, those that lead to them by a fifth nearer than all others. */
  private double cost(int root, Chord.Quality quality, int[] tones) {
    double cost = tones.length > 3 ? quality.isDominant() ? DOMINANT : SEVENTH : 0;
    boolean isDominant =
        quality == Chord.Quality.MAJOR || quality == Chord.Quality.DOMINANT_SEVENTH;
    boolean isRare =
        quality == Chord.Quality.AUGMENTED
            || quality == Chord.Quality.MAJOR_SEVENTH
            || quality == Chord.Quality.DIMINISHED;
    cost += isRare ? RARE : 0;
    if (isOfKey(tones)) {
      return cost;
    }
    boolean leads = isDominant && isOfKey(new int[] {(root + 5) % SoundingBeats.TONES});
    return cost + (leads ? LEADS_BY_FIFTH : OUT_OF_KEY);
  }

  /** Whether all tones are of the key; in minor the raised leading note is. */
  private boolean isOfKey(int[] tones) {
    int ground = Math.floorMod(tonic.step().semitonesAboveC() + tonic.alter(), SoundingBeats.TONES);
    for (int tone : tones) {
      boolean found = tonic.minor() && (ground + 11) % SoundingBeats.TONES == tone;
      for (int degree = 0; degree < LETTERS; degree++) {
        found |= (ground + tonic.semitonesOf(degree)) % SoundingBeats.TONES == tone;
      }
      if (!found) {
        return false;
      }
    }
    return true;
  }

  private List<Harmony> find() {
    int[] path = path();
    List<Harmony> found = new ArrayList<>();
    int first = 0;
    for (int i = 1; i <= path.length; i++) {
      if (i == path.length || path[i] != path[first]) {
        named(first, i - 1, candidates.get(path[first])).ifPresent(found::add);
        first = i;
      }
    }
    return List.copyOf(found);
  }

  private int[] path() {
    int count = candidates.size();
    double[] best = new double[count];
    int[][] from = new int[beats.size()][count];
    for (int i = 0; i < beats.size(); i++) {
      double change = i == 0 ? 0 : change(beats.get(i)) * usualWeight;
      int top = top(best);
      double[] next = new double[count];
      for (int c = 0; c < count; c++) {
        double entry = best[top] - change - candidates.get(c).cost() * usualWeight;
        boolean stays = i > 0 && best[c] >= entry;
        from[i][c] = stays || i == 0 ? c : top;
        double before = i == 0 ? -candidates.get(c).cost() * usualWeight : stays ? best[c] : entry;
        next[c] = before + candidates.get(c).speaks(beats.get(i).weights());
      }
      best = next;
    }
    int[] path = new int[beats.size()];
    int at = top(best);
    for (int i = beats.size() - 1; i >= 0; i--) {
      path[i] = at;
      at = from[i][at];
    }
    return path;
  }

  private static int top(double[] values) {
    int top = 0;
    for (int i = 1; i < values.length; i++) {
      top = values[i] > values[top] ? i : top;
    }
    return top;
  }

  private static double change(Beat beat) {
    return beat.inBar() == 0 ? AT_THE_BAR : beat.isHalf() ? AT_THE_HALF : ELSEWHERE;
  }

  /** The chord of a stretch, or the best whose third sounds there; empty where it is unsure. */
  private Optional<Harmony> named(int first, int last, Candidate found) {
    double[] weights = new double[SoundingBeats.TONES];
    for (Beat beat : beats.subList(first, last + 1)) {
      for (int tone = 0; tone < weights.length; tone++) {
        weights[tone] += beat.weights()[tone];
      }
    }
    double all = Arrays.stream(weights).sum();
    List<PlayedNote> notes = notes(beats.get(first), beats.get(last));
    if (all == 0 || notes.isEmpty()) {
      return Optional.empty();
    }
    return Stream.concat(Stream.of(found), candidates.stream().sorted(bySpeaking(weights)))
        .filter(c -> c.sounds(weights, LEAST_OF_EACH * all))
        .findFirst()
        .filter(c -> within(c, weights) >= LEAST_SURE * all)
        .map(c -> harmony(first, last, c, notes, within(c, weights) / all));
  }

  private Comparator<Candidate> bySpeaking(double[] weights) {
    return Comparator.comparingDouble(c -> c.cost() * usualWeight - c.speaks(weights));
  }

  private static double within(Candidate candidate, double[] weights) {
    return Arrays.stream(candidate.tones()).mapToDouble(t -> weights[t]).sum();
  }

  private Harmony harmony(
      int first, int last, Candidate candidate, List<PlayedNote> notes, double sureness) {
    Chord chord = spelled(candidate, notes);
    return new Harmony(
        beats.get(first).onset(),
        beats.get(last).end(),
        beats.get(first).bar(),
        notes.get(0).number(),
        notes.get(notes.size() - 1).number(),
        chord,
        chord.degree(tonic),
        sureness);
  }

  private List<PlayedNote> notes(Beat first, Beat last) {
    return reading.notes().stream()
        .filter(n -> n.onset().compareTo(first.onset()) >= 0)
        .filter(n -> n.onset().compareTo(last.end()) < 0)
        .toList();
  }

  /** As its tones are written where they stack in thirds, else by the first that is written. */
  private static Chord spelled(Candidate candidate, List<PlayedNote> notes) {
    List<Integer> tones = Arrays.stream(candidate.tones()).boxed().toList();
    List<WrittenPitch> written =
        notes.stream()
            .flatMap(n -> n.notes().stream())
            .map(Note::written)
            .filter(p -> tones.contains(SoundingBeats.tone(p)))
            .toList();
    return Chord.of(written)
        .filter(c -> c.quality() == candidate.quality())
        .orElseGet(() -> byLowest(candidate, tones, written));
  }

  private static Chord byLowest(
      Candidate candidate, List<Integer> tones, List<WrittenPitch> written) {
    WrittenPitch lowest =
        written.stream()
            .min(Comparator.comparingInt(p -> tones.indexOf(SoundingBeats.tone(p))))
            .orElseThrow();
    return chord(candidate, lowest, tones.indexOf(SoundingBeats.tone(lowest)));
  }

  /** The chord of which a pitch is the root, the third, the fifth or the seventh. */
  private static Chord chord(Candidate candidate, WrittenPitch pitch, int member) {
    Step root = Step.values()[Math.floorMod(pitch.step().ordinal() - 2 * member, LETTERS)];
    int alter =
        Math.floorMod(
                candidate.root() - root.semitonesAboveC() + SoundingBeats.TONES / 2,
                SoundingBeats.TONES)
            - SoundingBeats.TONES / 2;
    return new Chord(root, alter, candidate.quality());
  }
}
