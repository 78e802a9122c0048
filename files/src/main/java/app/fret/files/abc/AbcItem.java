package app.fret.files.abc;

import app.fret.score.Finger;
import app.fret.score.Sounding;
import app.fret.score.TupletRatio;
import app.fret.score.WrittenPitch;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;

/** A note, chord or rest while it is being read: signs before and behind it still add to it. */
final class AbcItem {
  /** A head of a note or chord. */
  static final class Head {
    private final WrittenPitch pitch;
    private final boolean signed;
    private Optional<Finger> finger = Optional.empty();
    private boolean tied;

    /**
     * A head.
     *
     * @param signed whether an accidental is written before it
     */
    Head(WrittenPitch pitch, boolean signed) {
      this.pitch = pitch;
      this.signed = signed;
    }

    WrittenPitch pitch() {
      return pitch;
    }

    boolean isSigned() {
      return signed;
    }

    Optional<Finger> finger() {
      return finger;
    }

    void setFinger(Finger newFinger) {
      finger = Optional.of(newFinger);
    }

    boolean isTied() {
      return tied;
    }

    void tie() {
      tied = true;
    }
  }

  private final int from;
  private int end;
  private final List<Head> heads = new ArrayList<>();
  private Fraction length;
  private TupletRatio ratio = TupletRatio.NONE;
  private Sounding.Grace grace = Sounding.Grace.NONE;
  private AbcSigns signs = new AbcSigns();
  private int slursFrom;
  private int slursTo;
  private boolean beginsTuplet;
  private boolean endsTuplet;

  /**
   * An item.
   *
   * @param from index of its first character
   * @param length how long it is written, without its tuplet
   */
  AbcItem(int from, Fraction length) {
    this.from = from;
    this.length = length;
  }

  int from() {
    return from;
  }

  /** Index behind its last character. */
  int end() {
    return end;
  }

  void reachTo(int newEnd) {
    end = newEnd;
  }

  boolean isRest() {
    return heads.isEmpty();
  }

  List<Head> heads() {
    return heads;
  }

  Fraction length() {
    return length;
  }

  void stretch(Fraction factor) {
    length = length.multiply(factor);
  }

  /** How long it lasts. */
  Fraction duration() {
    return grace == Sounding.Grace.NONE ? length.multiply(ratio.factor()) : Fraction.ZERO;
  }

  TupletRatio ratio() {
    return ratio;
  }

  void setRatio(TupletRatio newRatio, boolean begins, boolean ends) {
    ratio = newRatio;
    beginsTuplet = begins;
    endsTuplet = ends;
  }

  boolean beginsTuplet() {
    return beginsTuplet;
  }

  boolean endsTuplet() {
    return endsTuplet;
  }

  Sounding.Grace grace() {
    return grace;
  }

  void setGrace(Sounding.Grace kind) {
    grace = kind;
  }

  AbcSigns signs() {
    return signs;
  }

  void setSigns(AbcSigns newSigns) {
    signs = newSigns;
  }

  int slursFrom() {
    return slursFrom;
  }

  void openSlurs(int count) {
    slursFrom += count;
  }

  int slursTo() {
    return slursTo;
  }

  void closeSlur() {
    slursTo++;
  }
}
