package app.fret.files.musicxml;

import app.fret.score.Span;
import app.fret.score.Tuplet;
import app.fret.score.TupletRatio;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.audiveris.proxymusic.Notations;
import org.audiveris.proxymusic.Slur;
import org.audiveris.proxymusic.StartStop;
import org.audiveris.proxymusic.StartStopContinue;
import org.audiveris.proxymusic.YesNo;

/** Joins the starts and stops of slurs and tuplets into spans of events. */
final class SpanReader {
  private static final Comparator<Span> IN_ORDER =
      Comparator.comparingInt(Span::first).thenComparingInt(Span::last);

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
  void read(org.audiveris.proxymusic.Note source, int event, TupletRatio ratio, String bar) {
    for (Notations notations : source.getNotations()) {
      List<Object> all = notations.getTiedOrSlurOrTuplet();
      all.forEach(n -> readSlur(n, StartStopContinue.STOP, event, bar));
      all.forEach(n -> readSlur(n, StartStopContinue.START, event, bar));
      all.forEach(n -> readTuplet(n, StartStop.START, source, event, ratio));
      all.forEach(n -> readTuplet(n, StartStop.STOP, source, event, ratio));
    }
  }

  private void readSlur(Object notation, StartStopContinue type, int event, String bar) {
    if (!(notation instanceof Slur slur) || slur.getType() != type) {
      return;
    }
    if (type == StartStopContinue.START) {
      if (openSlurs.put(slur.getNumber(), event) != null) {
        skipped.add("a slur without an end", bar);
      }
      return;
    }
    Integer first = openSlurs.remove(slur.getNumber());
    if (first == null || first >= event) {
      skipped.add("a slur without a beginning", bar);
    } else {
      slurs.add(new Span(first, event));
    }
  }

  private void readTuplet(
      Object notation,
      StartStop type,
      org.audiveris.proxymusic.Note source,
      int event,
      TupletRatio ratio) {
    if (!(notation instanceof org.audiveris.proxymusic.Tuplet tuplet) || tuplet.getType() != type) {
      return;
    }
    int number = tuplet.getNumber() == null ? 1 : tuplet.getNumber();
    if (type == StartStop.START) {
      boolean bracket =
          tuplet.getBracket() == null
              ? source.getBeam().isEmpty()
              : tuplet.getBracket() == YesNo.YES;
      openTuplets.put(number, new OpenTuplet(event, ratio, bracket));
      return;
    }
    OpenTuplet open = openTuplets.remove(number);
    if (open != null) {
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
    return tuplets.stream().sorted(Comparator.comparing(Tuplet::span, IN_ORDER)).toList();
  }
}
