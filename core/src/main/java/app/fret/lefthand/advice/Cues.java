package app.fret.lefthand.advice;

import app.fret.instrument.Instrument;
import app.fret.instrument.Player;
import app.fret.lefthand.effort.shift.PositionWords;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.lefthand.moment.Moment;
import app.fret.reading.PlayedNote;
import app.fret.reading.Reading;
import app.fret.score.Finger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Body cues where a plan calls for them, at most one a bar and none twice running: elbow round
 * before a high position, forearm turned for a long reach, the whole hand following instead of
 * reaching back, thumb eased and a neighbour added for vibrato on the fourth finger, a finger
 * steeper beside a string that sounds (common practice, no source).
 */
final class Cues {
  /** From fourth position on the elbow comes round. */
  private static final int HIGH_HAND = 7;

  /** Bars after which a cue may be said again. */
  private static final int BARS_BETWEEN = 4;

  private final Instrument instrument;
  private final Reading reading;
  private final List<Moment> moments;
  private final List<Placement> path;

  private Cues(Player player, Reading reading, List<Moment> moments, List<Placement> path) {
    this.instrument = player.instrument();
    this.reading = reading;
    this.moments = moments;
    this.path = path;
  }

  /** The cues of a finished path. */
  static List<Cue> of(Player player, Reading reading, List<Moment> moments, List<Placement> path) {
    return new Cues(player, reading, moments, path).find();
  }

  /** What could be said at a note, and how much it matters. */
  private record Word(int note, int bar, int rank, String text) {}

  private List<Cue> find() {
    List<Word> said = new ArrayList<>();
    Optional<Word> best = Optional.empty();
    for (int i = 0; i < path.size(); i++) {
      Optional<Word> here = word(i).filter(w -> isNew(w, said));
      if (best.isPresent() && best.get().bar() != bar(i)) {
        said.add(best.get());
        best = Optional.empty();
        here = here.filter(w -> isNew(w, said));
      }
      if (here.isPresent() && (best.isEmpty() || here.get().rank() < best.get().rank())) {
        best = here;
      }
    }
    best.ifPresent(said::add);
    return said.stream().map(w -> new Cue(w.note(), beat(w.note()) + w.text())).toList();
  }

  private int bar(int note) {
    return reading.notes().get(note).bar();
  }

  private static boolean isNew(Word word, List<Word> said) {
    return said.stream()
        .noneMatch(s -> s.text().equals(word.text()) && word.bar() - s.bar() < BARS_BETWEEN);
  }

  private Optional<Word> word(int note) {
    List<Optional<String>> texts =
        List.of(reach(note), elbow(note), followed(note), vibrato(note), steep(note));
    for (int rank = 0; rank < texts.size(); rank++) {
      if (texts.get(rank).isPresent()) {
        return Optional.of(new Word(note, bar(note), rank, texts.get(rank).get()));
      }
    }
    return Optional.empty();
  }

  /** The beat a note falls on, as players count. */
  private String beat(int note) {
    PlayedNote played = reading.notes().get(note);
    return played.isGrace() ? "grace note: " : "beat " + (1 + reading.beats().beatOf(note)) + ": ";
  }

  private Optional<String> reach(int note) {
    return path.get(note).reachMm() > 0
        ? Optional.of("turn the forearm and let the finger fall; stop if it hurts")
        : Optional.empty();
  }

  private Optional<String> elbow(int note) {
    boolean rises =
        note > 0
            && path.get(note).usesHand()
            && path.get(note).hand() >= HIGH_HAND
            && path.get(note - 1).hand() < HIGH_HAND;
    return rises
        ? Optional.of("elbow round before " + PositionWords.of(instrument, path.get(note)))
        : Optional.empty();
  }

  private Optional<String> followed(int note) {
    boolean stepsBack =
        note > 0
            && path.get(note).usesHand()
            && path.get(note - 1).usesHand()
            && path.get(note).hand() < path.get(note - 1).hand()
            && path.get(note).top().finger() == Finger.FIRST
            && !path.get(note).inThumbPosition();
    return stepsBack ? Optional.of("the whole hand follows, no reach back") : Optional.empty();
  }

  private Optional<String> vibrato(int note) {
    Placement at = path.get(note);
    boolean weak =
        moments.get(note).isLong()
            && at.isSingle()
            && at.top().isPressed()
            && at.top().finger() == Finger.FOURTH
            && !instrument.handling().fourthBacked();
    return weak
        ? Optional.of("ease the thumb and let 3 stand beside 4 for vibrato")
        : Optional.empty();
  }

  /** A finger beside an open string that sounds with it or right before or after it. */
  private Optional<String> steep(int note) {
    Placement at = path.get(note);
    for (Stop stop : at.stops()) {
      int open = openBeside(note, stop);
      if (stop.isPressed() && open > 0) {
        return Optional.of(
            "finger steep, so that open string " + Instrument.numeral(open) + " rings");
      }
    }
    return Optional.empty();
  }

  private int openBeside(int note, Stop stop) {
    List<Stop> others = new ArrayList<>(path.get(note).stops());
    if (moments.get(note).is(Moment.Sign.PEDAL) && note > 0) {
      others.addAll(path.get(note - 1).stops());
    }
    return others.stream()
        .filter(o -> o.isOpen() && Math.abs(o.string() - stop.string()) == 1)
        .mapToInt(Stop::string)
        .findFirst()
        .orElse(0);
  }
}
