package app.fret.files.abc;

import app.fret.score.Clef;
import app.fret.score.Key;
import app.fret.score.Metre;
import org.apache.commons.numbers.fraction.Fraction;

/** What holds where music is being read: the bar, its metre, key and clef, the sharps and flats. */
final class AbcPlace {
  private final AbcCursor cursor = new AbcCursor();
  private final AbcBars bars = new AbcBars();
  private final AbcPitches pitches = new AbcPitches();
  private final AbcFindings findings;
  private final AbcSignReader signs;
  private Metre metre;
  private Key key;
  private Clef clef;
  private Fraction unitLength;

  AbcPlace(AbcFindings findings, Metre metre, Fraction unitLength, AbcFields.KeyAndClef start) {
    this.findings = findings;
    this.signs = new AbcSignReader(findings, () -> bars.count() + 1);
    this.metre = metre;
    this.unitLength = unitLength;
    this.key = start.key().orElse(new Key(0));
    this.clef = start.clef().orElse(Clef.TREBLE);
    pitches.setOctaves(start.octaves());
    pitches.setSigns(start.signs());
  }

  AbcCursor cursor() {
    return cursor;
  }

  AbcBars bars() {
    return bars;
  }

  AbcPitches pitches() {
    return pitches;
  }

  AbcFindings findings() {
    return findings;
  }

  AbcSignReader signs() {
    return signs;
  }

  Metre metre() {
    return metre;
  }

  void setMetre(Metre newMetre) {
    metre = newMetre;
  }

  Key key() {
    return key;
  }

  void setKey(Key newKey) {
    key = newKey;
  }

  /** Sets a clef from the next note of the open bar on. */
  void setClef(Clef newClef) {
    clef = newClef;
    bars.open().ifPresent(bar -> bar.setClefFrom(bar.items().size(), newClef));
  }

  Fraction unitLength() {
    return unitLength;
  }

  void setUnitLength(Fraction newLength) {
    unitLength = newLength;
  }

  int itemsInBar() {
    return bars.open().map(bar -> bar.items().size()).orElse(0);
  }

  AbcBar openBar(int from) {
    return bars.opened(metre, key, clef, unitLength, from);
  }

  void closeBar() {
    bars.close();
    pitches.barLine();
  }

  void problem(int from, int to, String words, AbcMend... mends) {
    findings.problem(from, to, bars.count() + 1, words, mends);
  }
}
