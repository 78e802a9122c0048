package app.fret.reading;

import app.fret.score.Bar;
import app.fret.score.Directions;
import app.fret.score.Directions.Dynamic;
import app.fret.score.Directions.Hairpin;
import app.fret.score.LevelSigns;
import app.fret.score.Passage;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * The levels that are printed, note by note: from 1 (pppp) to 10 (ffff), in between inside a
 * hairpin.
 *
 * <p>A hairpin leads from the level at its start to the next mark that stands at its end or within
 * a bar after it, when that mark lies in its direction; else one level up or down. "cresc." and its
 * like lead to the next mark in the same way, over two bars where none comes. Between them a note's
 * level follows its place in time. Common practice, no source.
 */
final class PrintedLevels {
  private static final double MEZZO_FORTE = 6;
  private static final double SOFTEST = 1;
  private static final double LOUDEST = 10;
  private static final Pattern GROWS = Pattern.compile("(?i)\\bcresc");
  private static final Pattern FADES = Pattern.compile("(?i)\\b(decresc|dim|calando|morendo)");
  private static final int BARS_OF_A_WORD = 2;

  /** What is loud for a moment and then soft. */
  private static final Set<String> LOUD_THEN_SOFT = Set.of("fp", "sfp");

  private static final int PIANO = 4;

  private final Passage passage;
  private final List<Dynamic> marks;
  private final List<Hairpin> hairpins;

  private PrintedLevels(Passage passage) {
    this.passage = passage;
    Directions directions = passage.directions();
    this.marks = directions.dynamics().stream().filter(d -> level(d).isPresent()).toList();
    this.hairpins =
        Stream.concat(directions.hairpins().stream(), worded(directions))
            .filter(h -> h.from().compareTo(h.to()) < 0)
            .sorted(Comparator.comparing(Hairpin::from))
            .toList();
  }

  private static OptionalInt level(Dynamic mark) {
    return LOUD_THEN_SOFT.contains(mark.sign())
        ? OptionalInt.of(PIANO)
        : LevelSigns.level(mark.sign());
  }

  /** "cresc." and its like, as a wedge to the next mark, or over two bars where none comes. */
  private Stream<Hairpin> worded(Directions directions) {
    return directions.words().stream()
        .filter(w -> GROWS.matcher(w.text()).find() || FADES.matcher(w.text()).find())
        .map(w -> new Hairpin(w.onset(), end(w.onset()), GROWS.matcher(w.text()).find()));
  }

  private Fraction end(Fraction from) {
    Fraction limit = passage.bars().get(passage.bars().size() - 1).end();
    for (Bar bar : passage.bars()) {
      if (bar.end().compareTo(from) > 0) {
        Fraction twoBars = from.add(bar.metre().barLength().multiply(BARS_OF_A_WORD));
        limit = twoBars.compareTo(limit) < 0 ? twoBars : limit;
        break;
      }
    }
    Fraction latest = limit;
    return marks.stream()
        .map(Dynamic::onset)
        .filter(o -> o.compareTo(from) > 0)
        .findFirst()
        .orElse(latest);
  }

  /** The level of each note. */
  static double[] of(Passage passage, List<PlayedNote> notes) {
    PrintedLevels levels = new PrintedLevels(passage);
    double[] all = new double[notes.size()];
    Walk walk = levels.new Walk();
    for (PlayedNote note : notes) {
      all[note.number()] = walk.at(note.onset());
    }
    return all;
  }

  /** Goes through the marks once, in time. */
  private final class Walk {
    private double level = MEZZO_FORTE;
    private int nextMark;
    private int nextHairpin;
    private Optional<Hairpin> inside = Optional.empty();
    private double from;
    private double to;

    double at(Fraction time) {
      while (true) {
        boolean mark = nextMark < marks.size() && marks.get(nextMark).onset().compareTo(time) <= 0;
        boolean hairpin =
            nextHairpin < hairpins.size() && hairpins.get(nextHairpin).from().compareTo(time) <= 0;
        if (mark && (!hairpin || !hairpinFirst())) {
          leave(marks.get(nextMark).onset());
          inside = Optional.empty();
          level = level(marks.get(nextMark++)).orElseThrow();
        } else if (hairpin) {
          Hairpin next = hairpins.get(nextHairpin++);
          leave(next.from());
          enter(next);
        } else {
          leave(time);
          return inside.map(h -> between(h, time)).orElse(level);
        }
      }
    }

    /** Marks at one moment come before the hairpin that starts there. */
    private boolean hairpinFirst() {
      return hairpins.get(nextHairpin).from().compareTo(marks.get(nextMark).onset()) < 0;
    }

    private void enter(Hairpin hairpin) {
      from = inside.map(h -> between(h, hairpin.from())).orElse(level);
      to = target(hairpin, from);
      inside = Optional.of(hairpin);
    }

    /** Ends the hairpin that is over by then. */
    private void leave(Fraction time) {
      if (inside.isPresent() && inside.get().to().compareTo(time) <= 0) {
        level = to;
        inside = Optional.empty();
      }
    }

    private double between(Hairpin hairpin, Fraction time) {
      double whole = hairpin.to().subtract(hairpin.from()).doubleValue();
      double share = time.subtract(hairpin.from()).doubleValue() / whole;
      return from + Math.min(1, share) * (to - from);
    }

    private double target(Hairpin hairpin, double start) {
      Optional<Double> marked = markAfter(hairpin).map(d -> (double) level(d).orElseThrow());
      double step = hairpin.growing() ? 1 : -1;
      return marked
          .filter(m -> (m - start) * step > 0)
          .orElse(Math.max(SOFTEST, Math.min(LOUDEST, start + step)));
    }

    /** The first mark from the end of a hairpin on, unless another hairpin or a bar comes first. */
    private Optional<Dynamic> markAfter(Hairpin hairpin) {
      Fraction latest = hairpin.to().add(longestBar());
      for (int i = nextHairpin; i < hairpins.size(); i++) {
        if (hairpins.get(i).from().compareTo(hairpin.to()) >= 0) {
          Fraction next = hairpins.get(i).from();
          latest = next.compareTo(latest) < 0 ? next : latest;
          break;
        }
      }
      Fraction limit = latest;
      return marks.subList(nextMark, marks.size()).stream()
          .filter(m -> m.onset().compareTo(hairpin.to()) >= 0)
          .findFirst()
          .filter(m -> m.onset().compareTo(limit) <= 0);
    }

    private Fraction longestBar() {
      return passage.bars().stream()
          .map(b -> b.length())
          .max(Fraction::compareTo)
          .orElse(Fraction.ZERO);
    }
  }
}
