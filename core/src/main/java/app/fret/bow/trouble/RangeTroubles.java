package app.fret.bow.trouble;

import static app.fret.bow.trouble.BowTroubles.words;

import app.fret.bow.search.BowedPath;
import app.fret.bow.stroke.Draft;
import app.fret.bow.stroke.StrokeAt;
import app.fret.bow.stroke.StrokeDecision;
import app.fret.bow.stroke.StrokeDecision.Act;
import app.fret.bow.stroke.StrokeKind;
import app.fret.bow.trouble.BowTrouble.Kind;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Strokes that are asked to be slower or faster than they speak. */
final class RangeTroubles {
  /** Strokes that take each other's place by speed, from slow to fast. */
  private static final List<StrokeKind> BY_SPEED =
      List.of(StrokeKind.SHORT, StrokeKind.SPICCATO, StrokeKind.SAUTILLE, StrokeKind.DETACHE);

  private final BowedPath path;
  private final BowTroubles.Found found;

  RangeTroubles(BowedPath path, BowTroubles.Found found) {
    this.path = path;
    this.found = found;
  }

  /** Once for each run of strokes of one kind. */
  void lookAt(int stroke) {
    boolean goesOn = stroke > 0 && isOutside(stroke - 1) && isLike(stroke - 1, stroke);
    if (!isOutside(stroke) || goesOn) {
      return;
    }
    Draft draft = path.draft(stroke);
    StrokeKind kind = draft.kind();
    String speaks =
        kind.slowestPerSecond() > 0
            ? words("from %.0f to %.0f", kind.slowestPerSecond(), kind.fastestPerSecond())
            : words("up to %.0f", kind.fastestPerSecond());
    String text =
        words(
            "%s at %.1f notes a second; it speaks %s.",
            capitalised(kind.words()), perSecond(stroke), speaks);
    found.add(Kind.OUTSIDE_STROKE_RANGE, stroke, text, mends(stroke));
  }

  private static String capitalised(String words) {
    return Character.toUpperCase(words.charAt(0)) + words.substring(1);
  }

  private boolean isLike(int one, int other) {
    return path.draft(one).kind() == path.draft(other).kind();
  }

  private boolean isOutside(int stroke) {
    double perSecond = perSecond(stroke);
    return perSecond > 0 && !speaks(path.draft(stroke).kind(), perSecond);
  }

  /** Notes a second; grace notes are as short as they are and speak as part of their note. */
  private double perSecond(int stroke) {
    Span notes = path.draft(stroke).notes();
    Span spoken = path.line().withoutGraces(notes);
    boolean isGrace = path.line().note(notes.last()).isGrace();
    int count = isGrace ? 0 : spoken.last() - spoken.first() + 1;
    return count / path.draft(stroke).seconds();
  }

  private static boolean speaks(StrokeKind kind, double perSecond) {
    return perSecond <= kind.fastestPerSecond() && perSecond >= kind.slowestPerSecond();
  }

  private List<Mend> mends(int stroke) {
    int end = stroke;
    double fastest = 0;
    double slowest = Double.POSITIVE_INFINITY;
    while (end < path.size() && isOutside(end) && isLike(stroke, end)) {
      fastest = Math.max(fastest, perSecond(end));
      slowest = Math.min(slowest, perSecond(end));
      end++;
    }
    Optional<StrokeKind> other = other(path.draft(stroke).kind(), slowest, fastest);
    return List.of(other.isPresent() ? played(other.get(), stroke, end) : slurred(stroke, end));
  }

  private Mend played(StrokeKind kind, int from, int to) {
    List<StrokeAt> decisions = new ArrayList<>();
    for (int i = from; i < to; i++) {
      decisions.add(on(path.first(i).number(), StrokeDecision.kind(kind)));
    }
    String how = kind == StrokeKind.DETACHE ? "on the string" : kind.words();
    return new Mend("Play it " + how + ".", decisions);
  }

  /** Two by two, the first of each pair at the start of the run. */
  private Mend slurred(int from, int to) {
    List<StrokeAt> decisions = new ArrayList<>();
    for (int i = from + 1; i < to; i += 2) {
      decisions.add(on(path.first(i).number(), StrokeDecision.of(Act.JOIN)));
      decisions.add(on(path.first(i - 1).number(), StrokeDecision.kind(StrokeKind.LEGATO)));
    }
    if (decisions.isEmpty()) {
      int before = Math.max(1, path.first(from).number());
      decisions.add(on(before, StrokeDecision.of(Act.JOIN)));
    }
    return new Mend("Slur it in pairs.", decisions);
  }

  private StrokeAt on(int note, StrokeDecision decision) {
    return BowTroubles.on(path.line(), note, decision);
  }

  private static Optional<StrokeKind> other(StrokeKind kind, double slowest, double fastest) {
    return BY_SPEED.stream()
        .filter(k -> k != kind && speaks(k, slowest) && speaks(k, fastest))
        .findFirst();
  }
}
