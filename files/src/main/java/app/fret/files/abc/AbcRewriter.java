package app.fret.files.abc;

import app.fret.score.Passage;
import java.util.List;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Brings a typed text up to date with music that was edited on the staff: only the bars that differ
 * are written anew, all others stay as they were typed.
 */
public final class AbcRewriter {
  private static final Fraction EIGHTH = Fraction.of(1, 8);
  private static final int BARS_TO_A_LINE = 4;

  private final String text;
  private final AbcTune tune;
  private final List<String> before;
  private final List<String> after;
  private int same;
  private int sameAtEnd;

  private AbcRewriter(String text, AbcTune tune, Passage music) {
    this.text = text;
    this.tune = tune;
    this.before = tune.passage().map(p -> AbcWriter.bars(p, this::unit)).orElse(List.of());
    this.after = AbcWriter.bars(music, this::unit);
  }

  /**
   * The text of music.
   *
   * @param text what is typed
   * @param tune what is read of it
   * @param music what it is to say
   */
  public static String rewrite(String text, AbcTune tune, Passage music) {
    String spliced = new AbcRewriter(text, tune, music).spliced();
    Optional<Passage> read = AbcReader.read(spliced).passage();
    String wanted = AbcWriter.write(music).text();
    boolean says = read.filter(p -> AbcWriter.write(p).text().equals(wanted)).isPresent();
    return says ? spliced : wanted;
  }

  private Fraction unit(int bar) {
    int known = Math.min(bar, tune.bars().size() - 1);
    return known < 0 ? headUnit() : tune.bars().get(known).unitLength();
  }

  /** The length of a plain letter that the head gives. */
  private Fraction headUnit() {
    return AbcReader.read(text.stripTrailing() + "\nz |\n").bars().stream()
        .findFirst()
        .map(AbcTune.BarPlace::unitLength)
        .orElse(EIGHTH);
  }

  private String spliced() {
    int least = Math.min(before.size(), after.size());
    while (same < least && before.get(same).equals(after.get(same))) {
      same++;
    }
    while (sameAtEnd < least - same
        && before
            .get(before.size() - 1 - sameAtEnd)
            .equals(after.get(after.size() - 1 - sameAtEnd))) {
      sameAtEnd++;
    }
    int oldEnd = before.size() - sameAtEnd;
    int newEnd = after.size() - sameAtEnd;
    if (same == oldEnd && same == newEnd) {
      return text;
    }
    if (same == newEnd) {
      return without(oldEnd);
    }
    String bars = joined(newEnd);
    if (same == oldEnd) {
      return same == before.size() ? appended(bars) : inserted(bars);
    }
    int from = tune.bars().get(same).from();
    int to = tune.bars().get(oldEnd - 1).to();
    return text.substring(0, from) + bars + " " + text.substring(to).stripLeading();
  }

  private String joined(int newEnd) {
    StringBuilder bars = new StringBuilder();
    for (int bar = same; bar < newEnd; bar++) {
      if (bar > same) {
        bars.append(bar % BARS_TO_A_LINE == 0 ? " |\n" : " | ");
      }
      bars.append(after.get(bar));
    }
    return bars.toString();
  }

  /** Bars in the middle go with the line behind them, those at the end with the line before. */
  private String without(int oldEnd) {
    boolean last = oldEnd == before.size();
    int from = last && same > 0 ? tune.bars().get(same - 1).to() : tune.bars().get(same).from();
    int to = last ? tune.bars().get(oldEnd - 1).to() : tune.bars().get(oldEnd).from();
    return text.substring(0, from) + text.substring(to);
  }

  private String inserted(String bars) {
    int at = tune.bars().get(same).from();
    return text.substring(0, at) + bars + " | " + text.substring(at);
  }

  private String appended(String bars) {
    String music = text.stripTrailing();
    if (before.isEmpty()) {
      return music + "\n" + bars + " |";
    }
    boolean closed = music.endsWith("|") || music.endsWith("]") || music.endsWith(":");
    String line = same % BARS_TO_A_LINE == 0 ? "\n" : " ";
    return music + (closed ? "" : " |") + line + bars + " |";
  }
}
