package app.fret.reading.traps;

import java.util.List;

/** Finds traps of one sort on a page. */
interface TrapRule {
  /** The traps, in any order. */
  List<Trap> find(Page page);
}
