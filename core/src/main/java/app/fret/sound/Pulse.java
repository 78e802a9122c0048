package app.fret.sound;

import app.fret.reading.BeatGroups;
import app.fret.score.Bar;
import app.fret.score.Passage;
import app.fret.score.PlayOrder;
import app.fret.score.Span;
import app.fret.score.TempoMap;
import app.fret.sound.SoundPlan.Click;
import app.fret.sound.SoundPlan.Strength;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * The clicks of a passage: bar by bar in the order they are played, repeats too, by the same tempo
 * map that ladder, bow and shifts follow.
 */
public final class Pulse {
  private static final Fraction RUNNING_WITHOUT_OTHERS = Fraction.of(1, 8);

  private final Music music;
  private final double slower;
  private final ClickChoices choices;
  private final List<Click> clicks = new ArrayList<>();

  /** What the other parts run on in a bar. */
  public interface RunningValue {
    /** The note value, as a fraction of a whole note; empty where nothing runs. */
    Optional<Fraction> in(int bar);
  }

  /**
   * What is clicked to.
   *
   * @param tempos how fast it goes at the target
   * @param groups groups of each bar, for {@link ClickKind#GROUPED}
   * @param running what the others run on, for {@link ClickKind#RUNNING}
   * @param bars index of each bar that is played, in order; not empty
   */
  public record Music(
      Passage passage,
      TempoMap tempos,
      List<BeatGroups> groups,
      RunningValue running,
      List<Integer> bars) {
    public Music {
      bars = List.copyOf(bars);
      if (bars.isEmpty()) {
        throw new IllegalArgumentException("no bar to click to");
      }
    }

    /** All bars, repeats too. */
    public static Music whole(
        Passage passage, TempoMap tempos, List<BeatGroups> groups, RunningValue running) {
      return new Music(passage, tempos, groups, running, PlayOrder.of(passage).bars());
    }

    /** Only some bars, once each. */
    public Music only(Span some) {
      List<Integer> chosen = IntStream.rangeClosed(some.first(), some.last()).boxed().toList();
      return new Music(passage, tempos, groups, running, chosen);
    }
  }

  /**
   * The clicks and how long everything lasts.
   *
   * @param clicks clicks in order of time
   * @param barStarts when each bar that is played begins, in s, the end of the last behind them
   * @param bars index of each bar that is played
   */
  public record Timed(List<Click> clicks, List<Double> barStarts, List<Integer> bars) {
    public Timed {
      clicks = List.copyOf(clicks);
      barStarts = List.copyOf(barStarts);
      bars = List.copyOf(bars);
    }

    /** When all is over, in s. */
    public double seconds() {
      return barStarts.get(barStarts.size() - 1);
    }
  }

  private Pulse(Music music, double slower, ClickChoices choices) {
    this.music = music;
    this.slower = slower;
    this.choices = choices;
  }

  /**
   * Times the clicks of some music.
   *
   * @param slower by how much slower than the target it is played, 2 for half of it
   */
  public static Timed of(Music music, double slower, ClickChoices choices) {
    return new Pulse(music, slower, choices).timed();
  }

  private Timed timed() {
    double at = countIn();
    List<Double> starts = new ArrayList<>();
    List<Integer> bars = music.bars();
    for (int i = 0; i < bars.size(); i++) {
      Bar bar = music.passage().bars().get(bars.get(i));
      starts.add(at);
      if (choices.kind() != ClickKind.NONE && choices.isHeard(i)) {
        click(bars.get(i), bar, at);
      }
      at += slower * music.tempos().seconds(bar.onset(), bar.end());
    }
    starts.add(at);
    clicks.sort(Comparator.comparingDouble(Click::atSeconds));
    return new Timed(clicks, starts, bars);
  }

  /** Whole bars of the metre and tempo where the music begins; when it begins. */
  private double countIn() {
    Bar begun = music.passage().bars().get(music.bars().get(0));
    Bar first =
        music.bars().stream()
            .map(music.passage().bars()::get)
            .filter(b -> !b.uncounted())
            .findFirst()
            .orElse(begun);
    double whole = slower * music.tempos().at(begun.onset()).seconds(Fraction.ONE);
    double at = 0;
    for (int i = 0; i < choices.countInBars(); i++) {
      Fraction place = Fraction.ZERO;
      for (Fraction beat : first.metre().beats()) {
        Strength strength = place.signum() == 0 ? Strength.BAR : Strength.BEAT;
        clicks.add(new Click(at + whole * place.doubleValue(), strength));
        place = place.add(beat);
      }
      at += whole * first.metre().barLength().doubleValue();
    }
    return at;
  }

  private void click(int index, Bar bar, double at) {
    Fraction missing = bar.placeInMetre(bar.onset());
    Fraction start = Fraction.ZERO;
    int number = 0;
    for (Fraction length : lengths(index, bar)) {
      if (isClicked(index, bar, number)) {
        Strength strength = number == 0 ? Strength.BAR : Strength.BEAT;
        add(bar, start, missing, at, strength);
        for (Fraction part : parts(index, length)) {
          add(bar, start.add(part), missing, at, Strength.PART);
        }
      }
      start = start.add(length);
      number++;
    }
  }

  /**
   * Half the clicks are every other beat where the beats pair, the first alone where they are equal
   * and odd, and the groups where they are unequal, which have no half.
   */
  private boolean isClicked(int index, Bar bar, int beat) {
    if (choices.kind() != ClickKind.HALF || music.groups().get(index).uneven()) {
      return true;
    }
    int beats = bar.metre().beats().size();
    return beats % 2 == 0 ? beat % 2 == 0 : beat == 0;
  }

  private List<Fraction> lengths(int index, Bar bar) {
    boolean byGroups = choices.kind() == ClickKind.GROUPED || choices.kind() == ClickKind.HALF;
    return byGroups ? music.groups().get(index).lengths(bar.metre()) : bar.metre().beats();
  }

  /** Places of the clicks inside a beat or group, from its start. */
  private List<Fraction> parts(int bar, Fraction length) {
    return switch (choices.kind()) {
      case HALVES -> divided(length, 2);
      case THIRDS -> divided(length, 3);
      case QUARTERS -> divided(length, 4);
      case THREE_AGAINST_TWO -> {
        List<Fraction> both = new ArrayList<>(divided(length, 2));
        both.addAll(divided(length, 3));
        yield both;
      }
      case RUNNING -> every(music.running().in(bar).orElse(RUNNING_WITHOUT_OTHERS), length);
      case GROUPED -> every(Fraction.of(1, music.passage().bars().get(bar).metre().unit()), length);
      case BEAT, HALF, NONE -> List.of();
    };
  }

  private static List<Fraction> divided(Fraction length, int parts) {
    return every(length.divide(parts), length);
  }

  private static List<Fraction> every(Fraction step, Fraction length) {
    List<Fraction> places = new ArrayList<>();
    for (Fraction at = step; at.compareTo(length) < 0; at = at.add(step)) {
      places.add(at);
    }
    return places;
  }

  /** Adds a click at a place of the metre, where the bar has it. */
  private void add(Bar bar, Fraction place, Fraction missing, double at, Strength strength) {
    Fraction inBar = place.subtract(missing);
    if (inBar.signum() >= 0 && inBar.compareTo(bar.length()) < 0) {
      double seconds = slower * music.tempos().seconds(bar.onset(), bar.onset().add(inBar));
      clicks.add(new Click(at + seconds, strength));
    }
  }
}
