package app.fret.edit;

import app.fret.score.Bar;
import app.fret.score.Clef;
import app.fret.score.Key;
import app.fret.score.Metre;
import java.util.ArrayList;
import java.util.List;

/** Whole bars put in, taken out, repeated; and what holds in them from somewhere on. */
final class Bars {
  private Bars() {}

  /** Behind the last note of a bar. */
  static Caret endOf(Manuscript music, int bar) {
    return new Caret(bar, music.measures().get(bar).items().size());
  }

  /** A silent bar put in before a bar, or behind the last. */
  static Manuscript withSilentBar(Manuscript music, int at) {
    int like = Math.max(0, at - 1);
    Measure before = music.measures().get(like);
    Clef clef = at == 0 ? before.clef() : PenPitch.clefAt(music, endOf(music, like));
    Measure silent =
        new Measure(
            "", false, before.metre(), before.key(), clef, Bar.Edges.PLAIN, List.of(), true);
    return music.withBars(at, List.of(silent), music.nextId());
  }

  /** Takes bars out; what is repeated stays so. The last bar of all becomes a silent one. */
  static Manuscript without(Manuscript music, int first, int last) {
    if (first == 0 && last == music.measures().size() - 1) {
      Manuscript one = music.measures().size() > 1 ? music.withoutBars(1, last) : music;
      return one.without(one.items().stream().map(Item::id).toList());
    }
    return keepingRepeats(music, first, last).withoutBars(first, last);
  }

  /** A repeat sign of a bar that goes stands at its neighbour from then on. */
  private static Manuscript keepingRepeats(Manuscript music, int first, int last) {
    Bar.Edges left = music.measures().get(first).edges();
    Bar.Edges right = music.measures().get(last).edges();
    Manuscript kept = music;
    if (first > 0 && (right.repeatTimes() > 0 || right.line() != Bar.Line.PLAIN)) {
      Measure before = music.measures().get(first - 1);
      Bar.Edges edges = before.edges();
      kept =
          kept.withMeasure(
              first - 1,
              before.withEdges(
                  new Bar.Edges(
                      edges.repeatStart(),
                      right.repeatTimes(),
                      edges.endingStart(),
                      edges.endingStop() || right.endingStop(),
                      right.line())));
    }
    if (last + 1 < music.measures().size() && left.repeatStart()) {
      Measure after = music.measures().get(last + 1);
      Bar.Edges edges = after.edges();
      kept =
          kept.withMeasure(
              last + 1,
              after.withEdges(
                  new Bar.Edges(
                      true,
                      edges.repeatTimes(),
                      edges.endingStart(),
                      edges.endingStop(),
                      edges.line())));
    }
    return kept;
  }

  /** Another metre from a bar on, as far as the old one held. */
  static Manuscript withMetre(Manuscript music, int from, Metre metre) {
    Metre old = music.measures().get(from).metre();
    List<Measure> now = new ArrayList<>(music.measures());
    for (int i = from; i < now.size() && now.get(i).metre().equals(old); i++) {
      now.set(i, now.get(i).withMetre(metre));
    }
    return music.withMeasures(now);
  }

  /** Another key from a bar on, as far as the old one held; the notes sound as before. */
  static Manuscript withKey(Manuscript music, int from, Key key) {
    Key old = music.measures().get(from).key();
    List<Measure> now = new ArrayList<>(music.measures());
    for (int i = from; i < now.size() && now.get(i).key().equals(old); i++) {
      now.set(i, now.get(i).withKey(key));
    }
    return music.withMeasures(now);
  }

  /** Another clef from a place on, as far as the old one held; the notes sound as before. */
  static Manuscript withClef(Manuscript music, Caret at, Clef clef) {
    Measure bar = music.measures().get(at.bar());
    boolean timeLeft =
        bar
            .items()
            .subList(Math.min(at.position(), bar.items().size()), bar.items().size())
            .stream()
            .anyMatch(i -> !i.isGrace());
    boolean inside = at.position() > 0 && timeLeft;
    boolean next = at.position() > 0 && !inside && at.bar() + 1 < music.measures().size();
    Clef old = PenPitch.clefAt(music, at);
    if (at.position() > 0 && !inside && !next) {
      return withClef(withSilentBar(music, at.bar() + 1), at, clef);
    }
    Manuscript now = music;
    if (inside) {
      Anchor here = Anchor.start(bar.items().get(at.position()).id());
      List<AnchoredSign<Clef>> clefs = Signs.minus(now.signs().clefs(), c -> c.at().equals(here));
      now = now.with(now.signs().withClefs(Signs.plus(clefs, new AnchoredSign<>(here, clef))));
    }
    return clefsFrom(now, inside || next ? at.bar() + 1 : at.bar(), old, clef);
  }

  private static Manuscript clefsFrom(Manuscript music, int from, Clef old, Clef clef) {
    List<Measure> now = new ArrayList<>(music.measures());
    for (int i = from; i < now.size() && now.get(i).clef().equals(old); i++) {
      now.set(i, now.get(i).withClef(clef));
    }
    return music.withMeasures(now);
  }
}
