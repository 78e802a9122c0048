package app.fret.edit;

import app.fret.score.Clef;
import app.fret.score.Tempo;
import app.fret.score.TupletRatio;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

/**
 * All signs that do not belong to one note alone, each holding on to notes.
 *
 * @param slurs slurs
 * @param tuplets printed tuplets
 * @param dynamics loudness marks
 * @param words other words
 * @param tempos tempo marks with a figure
 * @param rehearsals rehearsal marks
 * @param clefs clefs that change inside a bar
 * @param hairpins wedges, true where they grow
 * @param octaves octave lines, by the octaves they move
 */
record Signs(
    List<SpanSign<String>> slurs,
    List<SpanSign<Group>> tuplets,
    List<AnchoredSign<String>> dynamics,
    List<AnchoredSign<Text>> words,
    List<AnchoredSign<Tempo>> tempos,
    List<AnchoredSign<String>> rehearsals,
    List<AnchoredSign<Clef>> clefs,
    List<SpanSign<Boolean>> hairpins,
    List<SpanSign<Integer>> octaves) {

  /** No sign at all. */
  static final Signs NONE =
      new Signs(
          List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), List.of(), List.of(),
          List.of());

  /**
   * A tuplet.
   *
   * @param ratio what it says
   * @param bracket whether a bracket is printed
   */
  record Group(TupletRatio ratio, boolean bracket) {}

  /**
   * Words.
   *
   * @param words the words
   * @param above whether they stand over the staff
   */
  record Text(String words, boolean above) {}

  Signs {
    slurs = List.copyOf(slurs);
    tuplets = List.copyOf(tuplets);
    dynamics = List.copyOf(dynamics);
    words = List.copyOf(words);
    tempos = List.copyOf(tempos);
    rehearsals = List.copyOf(rehearsals);
    clefs = List.copyOf(clefs);
    hairpins = List.copyOf(hairpins);
    octaves = List.copyOf(octaves);
  }

  Signs withSlurs(List<SpanSign<String>> all) {
    return new Signs(all, tuplets, dynamics, words, tempos, rehearsals, clefs, hairpins, octaves);
  }

  Signs withTuplets(List<SpanSign<Group>> all) {
    return new Signs(slurs, all, dynamics, words, tempos, rehearsals, clefs, hairpins, octaves);
  }

  Signs withDynamics(List<AnchoredSign<String>> all) {
    return new Signs(slurs, tuplets, all, words, tempos, rehearsals, clefs, hairpins, octaves);
  }

  Signs withWords(List<AnchoredSign<Text>> all) {
    return new Signs(slurs, tuplets, dynamics, all, tempos, rehearsals, clefs, hairpins, octaves);
  }

  Signs withTempos(List<AnchoredSign<Tempo>> all) {
    return new Signs(slurs, tuplets, dynamics, words, all, rehearsals, clefs, hairpins, octaves);
  }

  Signs withClefs(List<AnchoredSign<Clef>> all) {
    return new Signs(slurs, tuplets, dynamics, words, tempos, rehearsals, all, hairpins, octaves);
  }

  Signs withHairpins(List<SpanSign<Boolean>> all) {
    return new Signs(slurs, tuplets, dynamics, words, tempos, rehearsals, clefs, all, octaves);
  }

  /** A list with one more. */
  static <T> List<T> plus(List<T> list, T more) {
    List<T> all = new ArrayList<>(list);
    all.add(more);
    return all;
  }

  /** A list without some. */
  static <T> List<T> minus(List<T> list, Predicate<T> goes) {
    return list.stream().filter(goes.negate()).toList();
  }

  /**
   * What is left when items go: what began on one begins on the next that stays, what ended on one
   * ends on the last before it, and what stood at one goes with it, but for tempo and rehearsal
   * marks, which stand for what follows.
   *
   * @param next by item that goes: the next that stays
   * @param before by item that goes: the last that stays before it
   */
  Signs without(Map<Integer, Optional<Integer>> next, Map<Integer, Optional<Integer>> before) {
    Moves moves = new Moves(next, before);
    return new Signs(
        moves.stretches(slurs),
        moves.stretches(tuplets),
        moves.hung(dynamics, false),
        moves.hung(words, false),
        moves.hung(tempos, true),
        moves.hung(rehearsals, true),
        moves.hung(clefs, true),
        moves.stretches(hairpins),
        moves.stretches(octaves));
  }

  /** Where anchors go when their items go. */
  private record Moves(
      Map<Integer, Optional<Integer>> next, Map<Integer, Optional<Integer>> before) {

    <T> List<AnchoredSign<T>> hung(List<AnchoredSign<T>> all, boolean stays) {
      List<AnchoredSign<T>> left = new ArrayList<>();
      for (AnchoredSign<T> each : all) {
        if (!next.containsKey(each.at().item())) {
          left.add(each);
        } else if (stays) {
          next.get(each.at().item())
              .ifPresent(item -> left.add(new AnchoredSign<>(Anchor.start(item), each.what())));
        }
      }
      return left;
    }

    /** A stretch whose ends cross has lost all that it reached over. */
    <T> List<SpanSign<T>> stretches(List<SpanSign<T>> all) {
      List<SpanSign<T>> left = new ArrayList<>();
      for (SpanSign<T> each : all) {
        boolean fromGoes = next.containsKey(each.from().item());
        boolean toGoes = next.containsKey(each.to().item());
        Optional<Integer> from =
            fromGoes ? next.get(each.from().item()) : Optional.of(each.from().item());
        Optional<Integer> to =
            toGoes ? before.get(each.to().item()) : Optional.of(each.to().item());
        boolean crossed = fromGoes && toGoes && from.equals(next.get(each.to().item()));
        if (from.isPresent() && to.isPresent() && !crossed) {
          Anchor start = fromGoes ? each.from().on(from.get()) : each.from();
          Anchor end = toGoes ? each.to().on(to.get()) : each.to();
          left.add(new SpanSign<>(start, end, each.what()));
        }
      }
      return left;
    }
  }
}
