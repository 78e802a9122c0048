package app.fret.files.abc;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.numbers.fraction.Fraction;

/** Reads notes, chords and rests. */
final class AbcNotes {
  private static final Pattern OPEN_CHORD =
      Pattern.compile("\\[(?:(?:![^!]*!)*(?:\\^\\^|\\^|__|_|=)?[A-Ga-g][,']*-?)+");

  private final AbcPlace here;
  private final AbcCursor cursor;
  private final AbcHeads heads;
  private final AbcJoins joins;

  AbcNotes(AbcPlace here, AbcHeads heads, AbcJoins joins) {
    this.here = here;
    this.cursor = here.cursor();
    this.heads = heads;
    this.joins = joins;
  }

  void note() {
    AbcItem item = new AbcItem(cursor.at(), here.unitLength());
    item.heads().add(heads.head());
    Optional<Fraction> length = heads.length();
    length.ifPresent(item::stretch);
    if (length.isPresent()) {
      joins.take(item);
    }
  }

  void chord() {
    AbcItem item = new AbcItem(cursor.at(), here.unitLength());
    cursor.skip(1);
    List<Fraction> lengths = new ArrayList<>();
    while (!cursor.isAtEnd() && cursor.next() != ']' && cursor.next() != '|') {
      if (heads.isNote()) {
        lengths.add(chordHead(item));
      } else {
        inChord(cursor.next());
      }
    }
    boolean closed = cursor.next() == ']';
    if (closed) {
      cursor.skip(1);
    } else {
      refuseOpenChord(item);
    }
    if (item.heads().isEmpty()) {
      here.problem(
          item.from(),
          cursor.at(),
          "a chord without a note; take it out",
          AbcMend.without(item.from(), cursor.at()));
      return;
    }
    // The first note says how long a chord is; in one left open that is most often the last.
    Optional<Fraction> length = heads.length();
    if (length.isEmpty()) {
      return;
    }
    item.stretch(lengths.get(closed ? 0 : lengths.size() - 1).multiply(length.get()));
    joins.take(item);
    item.heads().stream().filter(AbcItem.Head::isTied).forEach(here.pitches()::carry);
  }

  private void refuseOpenChord(AbcItem item) {
    here.problem(
        item.from(),
        cursor.at(),
        "the chord is not closed; write ] behind its last note",
        closeChord(item.from()),
        new AbcMend("Notes in a row", item.from(), item.from() + 1, ""));
  }

  /** Closes a chord behind the notes that stand without a gap. */
  private AbcMend closeChord(int from) {
    Matcher open = OPEN_CHORD.matcher(cursor.text(from, cursor.end()));
    return AbcMend.with(
        "Close the chord", open.lookingAt() ? from + open.end() : cursor.end(), "]");
  }

  /** Reads a note of a chord and returns its own length. */
  private Fraction chordHead(AbcItem item) {
    AbcItem.Head head = heads.head();
    here.signs().takeFinger(head);
    boolean doubled =
        head.finger().isEmpty()
            && item.heads().stream().anyMatch(h -> h.pitch().equals(head.pitch()));
    if (doubled) {
      here.findings().leave("a note head doubled on one pitch");
    } else {
      item.heads().add(head);
    }
    Fraction own = heads.length().orElse(Fraction.ONE);
    if (cursor.next() == '-') {
      head.tie();
      cursor.skip(1);
    }
    return own;
  }

  private void inChord(char sign) {
    int from = cursor.at();
    if (sign == '!') {
      here.signs().named(cursor);
    } else if (!here.signs().letter(cursor)) {
      cursor.skip(1);
      if (sign != ' ') {
        here.problem(
            from,
            from + 1,
            "'" + sign + "' does not belong in a chord; write ] before it",
            AbcMend.with("Close the chord", from, "]"),
            AbcMend.without(from, from + 1));
      }
    }
  }

  void rest() {
    AbcItem item = new AbcItem(cursor.at(), here.unitLength());
    cursor.skip(1);
    Optional<Fraction> length = heads.length();
    length.ifPresent(item::stretch);
    if (length.isPresent()) {
      joins.take(item);
    }
  }
}
