package app.fret.edit;

import app.fret.score.Tempo;
import java.util.List;
import java.util.Optional;

/** Signs over several notes, and signs at a moment: put there, taken away again. */
final class PenSigns {
  private PenSigns() {}

  /** A slur from one note to another; one that is there goes. */
  static Manuscript slurred(Manuscript music, int first, int last) {
    if (first == last) {
      return music;
    }
    SpanSign<String> slur = new SpanSign<>(Anchor.start(first), Anchor.end(last), "slur");
    Signs signs = music.signs();
    boolean there = signs.slurs().contains(slur);
    return music.with(
        signs.withSlurs(
            there ? Signs.minus(signs.slurs(), slur::equals) : Signs.plus(signs.slurs(), slur)));
  }

  /** A wedge from one note to another, in place of another there; one that is there goes. */
  static Manuscript wedged(Manuscript music, int first, int last, boolean growing) {
    SpanSign<Boolean> wedge = new SpanSign<>(Anchor.start(first), Anchor.end(last), growing);
    Signs signs = music.signs();
    List<SpanSign<Boolean>> others =
        Signs.minus(
            signs.hairpins(), h -> h.from().equals(wedge.from()) && h.to().equals(wedge.to()));
    boolean there = signs.hairpins().contains(wedge);
    return music.with(signs.withHairpins(there ? others : Signs.plus(others, wedge)));
  }

  /** A loudness mark in place of others at a note; an empty one takes them away. */
  static Manuscript dynamic(Manuscript music, int item, String sign) {
    return music.with(
        music.signs().withDynamics(replaced(music.signs().dynamics(), item, sign, sign.isEmpty())));
  }

  /** Words over the staff in place of others at a note; empty ones take them away. */
  static Manuscript words(Manuscript music, int item, String words) {
    Signs.Text text = new Signs.Text(words, true);
    return music.with(
        music.signs().withWords(replaced(music.signs().words(), item, text, words.isEmpty())));
  }

  /** A tempo mark at the start, in place of another there. */
  static Manuscript tempo(Manuscript music, Tempo tempo) {
    Optional<Item> first = music.items().stream().findFirst();
    return first.isEmpty()
        ? music
        : music.with(
            music
                .signs()
                .withTempos(replaced(music.signs().tempos(), first.get().id(), tempo, false)));
  }

  private static <T> List<AnchoredSign<T>> replaced(
      List<AnchoredSign<T>> all, int item, T what, boolean onlyRemove) {
    Anchor at = Anchor.start(item);
    List<AnchoredSign<T>> others = Signs.minus(all, h -> h.at().equals(at));
    return onlyRemove ? others : Signs.plus(others, new AnchoredSign<>(at, what));
  }
}
