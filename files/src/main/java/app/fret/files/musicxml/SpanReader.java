package app.fret.files.musicxml;

import app.fret.score.Span;
import app.fret.score.Tuplet;
import app.fret.score.TupletRatio;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/** Joins the starts and stops of slurs and tuplets into spans of events. */
final class SpanReader {
  private static final Comparator<Span> IN_ORDER =
      Comparator.comparingInt(Span::first).thenComparingInt(Span::last);

  private static final Pattern FIGURE = Pattern.compile("[1-9]\\d{0,8}");

  private final Skipped skipped;
  private final Map<Integer, Integer> openSlurs = new HashMap<>();
  private final Map<Integer, OpenTuplet> openTuplets = new HashMap<>();
  private final List<Span> slurs = new ArrayList<>();
  private final List<Tuplet> tuplets = new ArrayList<>();

  private record OpenTuplet(int first, TupletRatio ratio, boolean bracket) {}

  SpanReader(Skipped skipped) {
    this.skipped = skipped;
  }

  /** Reads the slur and tuplet ends at one note or rest. */
  void read(Source note, int event, TupletRatio ratio, String bar) {
    for (Source notations : note.children("notations")) {
      List<Source> ends = notations.children("slur");
      ends.stream().filter(s -> s.is("type", "stop")).forEach(s -> stopSlur(s, event, bar));
      ends.stream().filter(s -> s.is("type", "start")).forEach(s -> startSlur(s, event, bar));
      // In the order of the file: a tuplet may start and stop at one note, or follow on another.
      for (Source tuplet : notations.children("tuplet")) {
        if (tuplet.is("type", "start")) {
          boolean beamed = note.element().child("beam").isPresent();
          startTuplet(tuplet, event, ratio, beamed, bar);
        } else {
          stopTuplet(tuplet, event, bar);
        }
      }
    }
  }

  private static int number(Source end) {
    return Math.max(1, Math.min(NumberPool.MOST, end.spanNumber()));
  }

  private void startSlur(Source slur, int event, String bar) {
    if (openSlurs.put(number(slur), event) != null) {
      skipped.add("a slur without an end", bar);
    }
  }

  private void stopSlur(Source slur, int event, String bar) {
    Integer first = openSlurs.remove(number(slur));
    if (first == null || first >= event) {
      skipped.add("a slur without a beginning", bar);
    } else {
      slurs.add(new Span(first, event));
    }
  }

  private void startTuplet(
      Source tuplet, int event, TupletRatio ratio, boolean beamed, String bar) {
    boolean bracket = tuplet.attribute("bracket").map(b -> b.strip().equals("yes")).orElse(!beamed);
    TupletRatio printed = printed(tuplet).orElse(ratio);
    if (openTuplets.put(number(tuplet), new OpenTuplet(event, printed, bracket)) != null) {
      skipped.add("a tuplet sign without an end", bar);
    }
  }

  /** What a tuplet says of its own figures, where they are others than those of its first note. */
  private static Optional<TupletRatio> printed(Source tuplet) {
    Optional<Integer> actual = figure(tuplet, "tuplet-actual");
    Optional<Integer> normal = figure(tuplet, "tuplet-normal");
    return actual.flatMap(a -> normal.map(n -> new TupletRatio(a, n)));
  }

  private static Optional<Integer> figure(Source tuplet, String side) {
    return tuplet
        .child(side)
        .flatMap(s -> s.textOf("tuplet-number"))
        .filter(text -> FIGURE.matcher(text).matches())
        .map(Integer::valueOf);
  }

  private void stopTuplet(Source tuplet, int event, String bar) {
    OpenTuplet open = openTuplets.remove(number(tuplet));
    if (open == null) {
      skipped.add("a tuplet sign without a beginning", bar);
    } else {
      tuplets.add(new Tuplet(new Span(open.first(), event), open.ratio(), open.bracket()));
    }
  }

  List<Span> slurs() {
    if (!openSlurs.isEmpty()) {
      skipped.add(openSlurs.size() + " slurs that never end");
    }
    return slurs.stream().sorted(IN_ORDER).toList();
  }

  List<Tuplet> tuplets() {
    if (!openTuplets.isEmpty()) {
      skipped.add(openTuplets.size() + " tuplet signs that never end");
    }
    return tuplets.stream().sorted(Comparator.comparing(Tuplet::span, IN_ORDER)).toList();
  }
}
