package app.fret.files.abc;

import app.fret.score.Bar;
import app.fret.score.Clef;
import app.fret.score.Key;
import app.fret.score.Metre;
import app.fret.score.Sounding;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;

/** A bar while it is being read. */
final class AbcBar {
  private final List<AbcItem> items = new ArrayList<>();
  private final Map<Integer, Clef> clefsBefore = new HashMap<>();
  private final Metre metre;
  private final Key key;
  private final Clef clef;
  private final Fraction unitLength;
  private final int from;
  private int to;
  private int musicFrom;
  private boolean repeatStart;
  private int repeatTimes;
  private Optional<String> endingStart = Optional.empty();
  private boolean endingStop;
  private Bar.Line barLine = Bar.Line.PLAIN;
  private boolean restsWhole;

  AbcBar(Metre metre, Key key, Clef clef, Fraction unitLength, int from) {
    this.unitLength = unitLength;
    this.metre = metre;
    this.key = key;
    this.clef = clef;
    this.from = from;
    this.to = from;
  }

  List<AbcItem> items() {
    return items;
  }

  Metre metre() {
    return metre;
  }

  Key key() {
    return key;
  }

  Clef clef() {
    return clef;
  }

  /** The unit length at its start. */
  Fraction unitLength() {
    return unitLength;
  }

  int from() {
    return from;
  }

  int to() {
    return to;
  }

  /** Where its text begins, with signs and fields before the first note. */
  int musicFrom() {
    return musicFrom;
  }

  void setMusicFrom(int at) {
    musicFrom = at;
  }

  void reachTo(int end) {
    to = end;
  }

  /** Changes the clef before an item that is still to come. */
  void setClefFrom(int item, Clef newClef) {
    clefsBefore.put(item, newClef);
  }

  /** The clefs that change before an item, by its index. */
  Map<Integer, Clef> clefsBefore() {
    return clefsBefore;
  }

  /** Makes it a bar of rest. */
  void restWhole() {
    restsWhole = true;
  }

  boolean restsWhole() {
    return restsWhole
        || items.size() == 1
            && items.get(0).isRest()
            && !metre.isFree()
            && items.get(0).duration().equals(metre.barLength());
  }

  /** How long its notes and rests last together. */
  Fraction length() {
    if (restsWhole()) {
      return metre.barLength();
    }
    return items.stream().map(AbcItem::duration).reduce(Fraction.ZERO, Fraction::add);
  }

  /** Whether anything in it lasts, grace notes apart. */
  boolean hasLength() {
    return restsWhole() || items.stream().anyMatch(i -> i.grace() == Sounding.Grace.NONE);
  }

  void startRepeat() {
    repeatStart = true;
  }

  void endRepeat() {
    repeatTimes = 2;
  }

  void startEnding(String text) {
    endingStart = Optional.of(text);
  }

  void stopEnding() {
    endingStop = true;
  }

  void setBarLine(Bar.Line newLine) {
    barLine = newLine;
  }

  Bar.Edges edges() {
    return new Bar.Edges(repeatStart, repeatTimes, endingStart, endingStop, barLine);
  }
}
