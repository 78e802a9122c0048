package app.fret.edit;

import app.fret.score.Bar;
import app.fret.score.Clef;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Copied bars with the signs that lie wholly in them. */
public final class BarClip {
  private final List<Measure> bars;
  private final Signs signs;
  private final boolean ofSameMusic;

  private BarClip(List<Measure> bars, Signs signs, boolean ofSameMusic) {
    this.bars = List.copyOf(bars);
    this.signs = signs;
    this.ofSameMusic = ofSameMusic;
  }

  /** The same bars for other music, in which they are copies of nothing. */
  public BarClip forOtherMusic() {
    return new BarClip(bars, signs, false);
  }

  /** How many bars are copied. */
  public int size() {
    return bars.size();
  }

  /** Copies bars. */
  static BarClip of(Manuscript music, int first, int last) {
    List<Measure> bars = music.measures().subList(first, last + 1);
    Set<Integer> ids = new HashSet<>();
    bars.forEach(b -> b.items().forEach(i -> ids.add(i.id())));
    return new BarClip(bars, inside(music.signs(), ids), true);
  }

  private static Signs inside(Signs all, Set<Integer> ids) {
    return new Signs(
        stretchesIn(all.slurs(), ids),
        stretchesIn(all.tuplets(), ids),
        hungIn(all.dynamics(), ids),
        hungIn(all.words(), ids),
        List.of(),
        List.of(),
        hungIn(all.clefs(), ids),
        stretchesIn(all.hairpins(), ids),
        stretchesIn(all.octaves(), ids));
  }

  private static <T> List<AnchoredSign<T>> hungIn(List<AnchoredSign<T>> all, Set<Integer> ids) {
    return all.stream().filter(h -> ids.contains(h.at().item())).toList();
  }

  private static <T> List<SpanSign<T>> stretchesIn(List<SpanSign<T>> all, Set<Integer> ids) {
    return all.stream()
        .filter(s -> ids.contains(s.from().item()) && ids.contains(s.to().item()))
        .toList();
  }

  /** Puts copies in before a bar, under the metre and key that hold there, without repeat signs. */
  Manuscript into(Manuscript music, int at) {
    Map<Integer, Integer> idOf = new HashMap<>();
    int next = music.nextId();
    List<Measure> copies = new ArrayList<>();
    Clef clef = PenPitch.clefAt(music, Bars.endOf(music, Math.max(0, at - 1)));
    Measure like = music.measures().get(Math.max(0, at - 1));
    for (Measure bar : bars) {
      List<Item> items = new ArrayList<>();
      for (Item item : bar.items()) {
        idOf.put(item.id(), next);
        items.add(item.withId(next++));
      }
      copies.add(
          new Measure("", false, like.metre(), like.key(), clef, Bar.Edges.PLAIN, items, true));
    }
    Manuscript with = music.withBars(at, copies, next);
    Manuscript signed = with.with(merged(with.signs(), signs, idOf));
    return ofSameMusic ? signed.withCopies(idOf) : signed;
  }

  private static Signs merged(Signs all, Signs more, Map<Integer, Integer> idOf) {
    return new Signs(
        joined(all.slurs(), moved(more.slurs(), idOf)),
        joined(all.tuplets(), moved(more.tuplets(), idOf)),
        joined(all.dynamics(), movedHung(more.dynamics(), idOf)),
        joined(all.words(), movedHung(more.words(), idOf)),
        all.tempos(),
        all.rehearsals(),
        joined(all.clefs(), movedHung(more.clefs(), idOf)),
        joined(all.hairpins(), moved(more.hairpins(), idOf)),
        joined(all.octaves(), moved(more.octaves(), idOf)));
  }

  private static <T> List<T> joined(List<T> one, List<T> other) {
    List<T> both = new ArrayList<>(one);
    both.addAll(other);
    return both;
  }

  private static <T> List<SpanSign<T>> moved(List<SpanSign<T>> all, Map<Integer, Integer> idOf) {
    return all.stream()
        .map(s -> new SpanSign<>(moved(s.from(), idOf), moved(s.to(), idOf), s.what()))
        .toList();
  }

  private static <T> List<AnchoredSign<T>> movedHung(
      List<AnchoredSign<T>> all, Map<Integer, Integer> idOf) {
    return all.stream().map(h -> new AnchoredSign<>(moved(h.at(), idOf), h.what())).toList();
  }

  private static Anchor moved(Anchor anchor, Map<Integer, Integer> idOf) {
    return new Anchor(idOf.get(anchor.item()), anchor.atEnd(), anchor.offset());
  }
}
