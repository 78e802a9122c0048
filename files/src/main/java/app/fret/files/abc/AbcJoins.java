package app.fret.files.abc;

import app.fret.score.Sounding;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;

/** Reads what joins notes: slurs, ties, grace notes, dotted pairs and tuplets. */
final class AbcJoins {
  /** Most slurs that begin at one note. */
  private static final int MOST_SLURS = 8;

  private static final Fraction ONE = Fraction.ONE;

  private final AbcPlace here;
  private final AbcCursor cursor;
  private final AbcHeads heads;
  private final AbcTuplets tuplets = new AbcTuplets();
  private final List<AbcItem> graces = new ArrayList<>();
  private int slursWaiting;
  private Fraction brokenNext = ONE;
  private Optional<AbcItem> last = Optional.empty();

  AbcJoins(AbcPlace here, AbcHeads heads) {
    this.here = here;
    this.cursor = here.cursor();
    this.heads = heads;
  }

  /** Whether a tuplet or a dotted pair still wants a note. */
  boolean isWaiting() {
    return brokenNext != ONE || tuplets.isOpen();
  }

  /** Says that nothing stands before what follows. */
  void forgetLast() {
    last = Optional.empty();
  }

  /** Says what is left without its note at the end. */
  void finish() {
    leaveGraces();
    if (!graces.isEmpty()) {
      int from = graces.get(0).from();
      here.problem(
          from, cursor.end(), "the grace notes lead to no note; write one or take them out");
    }
    if (isWaiting()) {
      here.problem(cursor.end() - 1, cursor.end(), "a note is missing at the end; write one");
    }
  }

  void take(AbcItem item) {
    if (brokenNext != ONE) {
      item.stretch(brokenNext);
      brokenNext = ONE;
    }
    tuplets.take(item);
    AbcBar open = here.openBar(item.from());
    if (!item.isRest()) {
      graces.forEach(open.items()::add);
      graces.clear();
      here.signs().takeFinger(item.heads().get(0));
      here.pitches().arrive();
    }
    item.setSigns(here.signs().take());
    item.openSlurs(slursWaiting);
    slursWaiting = 0;
    open.items().add(item);
    item.reachTo(cursor.at());
    open.reachTo(cursor.at());
    last = Optional.of(item);
  }

  void tie() {
    int from = cursor.at();
    cursor.skip(1);
    if (last.isEmpty() || last.get().isRest()) {
      here.problem(
          from,
          from + 1,
          "a tie behind no note; write it behind the note it leaves",
          AbcMend.without(from, from + 1));
      return;
    }
    last.get().reachTo(cursor.at());
    last.get().heads().forEach(AbcItem.Head::tie);
    last.get().heads().forEach(here.pitches()::carry);
  }

  void broken(char sign) {
    int from = cursor.at();
    while (cursor.next() == sign) {
      cursor.skip(1);
    }
    int count = cursor.at() - from;
    if (last.isEmpty() || count > 3 || brokenNext != ONE) {
      here.problem(
          from,
          cursor.at(),
          "dotted pairs stand between two notes; write A>B or A<B",
          AbcMend.without(from, cursor.at()));
      return;
    }
    Fraction shorter = Fraction.of(1, 1 << count);
    Fraction longer = Fraction.of(2).subtract(shorter);
    last.get().stretch(sign == '>' ? longer : shorter);
    brokenNext = sign == '>' ? shorter : longer;
  }

  void graceGroup() {
    int from = cursor.at();
    cursor.skip(1);
    boolean slashed = cursor.next() == '/';
    int slursInGroup = 0;
    cursor.skip(slashed ? 1 : 0);
    while (!cursor.isAtEnd() && cursor.next() != '}') {
      if (heads.isNote()) {
        AbcItem grace = grace(slashed ? Sounding.Grace.SLASHED : Sounding.Grace.PLAIN);
        // A slur that was opened before the braces begins at the first of them.
        grace.openSlurs(slursInGroup + slursWaiting);
        slursInGroup = 0;
        slursWaiting = 0;
        graces.add(grace);
      } else if (cursor.next() == '(') {
        slursInGroup++;
        cursor.skip(1);
      } else if (cursor.next() == ')' && !graces.isEmpty()) {
        cursor.skip(1);
        graces.get(graces.size() - 1).closeSlur();
        graces.get(graces.size() - 1).reachTo(cursor.at());
      } else {
        if (cursor.next() != ' ') {
          here.problem(
              cursor.at(), cursor.at() + 1, "only notes stand among grace notes; take this out");
        }
        cursor.skip(1);
      }
    }
    if (cursor.isAtEnd()) {
      here.problem(
          from,
          cursor.end(),
          "the grace notes are not closed; write } behind the last",
          AbcMend.with("Close them", cursor.end(), "}"));
    }
    cursor.skip(1);
  }

  private AbcItem grace(Sounding.Grace kind) {
    AbcItem item = new AbcItem(cursor.at(), Fraction.of(1, 8));
    item.heads().add(heads.head());
    item.stretch(heads.length().orElse(Fraction.ONE));
    item.setGrace(kind);
    item.reachTo(cursor.at());
    return item;
  }

  void parenthesis() {
    if (!AbcTuplets.isAt(cursor)) {
      openSlur();
      return;
    }
    int from = cursor.at();
    if (!tuplets.read(cursor, here.metre())) {
      here.problem(
          from,
          cursor.at(),
          "no such tuplet is known; write (3 or, in full, (5:4:5",
          AbcMend.without(from, cursor.at()));
    }
  }

  private void openSlur() {
    int from = cursor.at();
    cursor.skip(1);
    if (slursWaiting < MOST_SLURS) {
      slursWaiting++;
    } else {
      here.problem(
          from,
          from + 1,
          "more slurs than a page can show begin here; take some out",
          AbcMend.without(from, from + 1));
    }
  }

  void closeSlur() {
    int from = cursor.at();
    cursor.skip(1);
    if (last.isEmpty()) {
      here.problem(
          from,
          from + 1,
          "a slur ends where none began; write ( before its first note",
          AbcMend.without(from, from + 1));
    } else {
      last.get().reachTo(cursor.at());
      last.get().closeSlur();
    }
  }

  /**
   * Grace notes that lead to no note of their bar stand at its end; where they are all of the bar,
   * they lead on over the line.
   */
  void leaveGraces() {
    if (!graces.isEmpty() && here.bars().open().filter(AbcBar::hasLength).isPresent()) {
      AbcBar open = here.openBar(graces.get(0).from());
      graces.forEach(open.items()::add);
      open.reachTo(cursor.at());
      graces.clear();
    }
  }
}
