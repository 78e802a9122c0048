package app.fret.edit;

import app.fret.score.Bar;
import app.fret.score.Clef;
import app.fret.score.Key;
import app.fret.score.Metre;
import java.util.ArrayList;
import java.util.List;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * A bar of a manuscript.
 *
 * @param label its number as printed; empty where it was put in and has none of its own
 * @param uncounted whether it is left out of the count, as a pickup is
 * @param metre time signature in force
 * @param key key signature in force
 * @param clef clef in force at its start
 * @param edges its lines
 * @param items what stands in it, in order
 * @param touched whether it was edited, so that its accidentals are to be worked out anew
 */
record Measure(
    String label,
    boolean uncounted,
    Metre metre,
    Key key,
    Clef clef,
    Bar.Edges edges,
    List<Item> items,
    boolean touched) {

  Measure {
    items = List.copyOf(items);
  }

  /** How long its notes and rests last together. */
  Fraction length() {
    if (items.isEmpty()) {
      return metre.barLength();
    }
    return items.stream().map(i -> i.length(metre)).reduce(Fraction.ZERO, Fraction::add);
  }

  /** Whether nothing sounds in it and nothing is written but the rest of a silent bar. */
  boolean isSilent() {
    return items.isEmpty() || items.size() == 1 && items.get(0).wholeBar();
  }

  /** Whether no more fits into it. */
  boolean isFull() {
    return !isSilent() && !metre.isFree() && length().compareTo(metre.barLength()) >= 0;
  }

  /** When an item begins, from the start of the bar. */
  Fraction onsetOf(int index) {
    Fraction onset = Fraction.ZERO;
    for (int i = 0; i < index; i++) {
      onset = onset.add(items.get(i).length(metre));
    }
    return onset;
  }

  Measure withItems(List<Item> newItems) {
    return new Measure(label, uncounted, metre, key, clef, edges, newItems, true);
  }

  Measure with(int index, Item item) {
    List<Item> now = new ArrayList<>(items);
    now.set(index, item);
    return withItems(now);
  }

  Measure withMetre(Metre newMetre) {
    return new Measure(label, uncounted, newMetre, key, clef, edges, items, touched);
  }

  Measure withKey(Key newKey) {
    return new Measure(label, uncounted, metre, newKey, clef, edges, items, true);
  }

  Measure withClef(Clef newClef) {
    return new Measure(label, uncounted, metre, key, newClef, edges, items, touched);
  }

  Measure withEdges(Bar.Edges newEdges) {
    return new Measure(label, uncounted, metre, key, clef, newEdges, items, touched);
  }

  Measure withLabel(String newLabel) {
    return new Measure(newLabel, uncounted, metre, key, clef, edges, items, touched);
  }

  Measure counted() {
    return new Measure(label, false, metre, key, clef, edges, items, touched);
  }
}
