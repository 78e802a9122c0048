package app.fret.files.abc;

import java.util.List;

/**
 * Something in the text that is no music as it stands.
 *
 * @param from index of its first character
 * @param to index behind its last
 * @param line its line, from 1
 * @param bar number of the bar it stands in; 0 in the head
 * @param text what is wrong and what would mend it, a phrase without a full stop
 * @param serious whether the music cannot stand as it is; a short bar can
 * @param isLength whether it is only that a bar is too short or too long: nothing of it is lost
 * @param mends changes that would mend it, the likeliest first
 */
public record AbcProblem(
    int from,
    int to,
    int line,
    int bar,
    String text,
    boolean serious,
    boolean isLength,
    List<AbcMend> mends) {
  public AbcProblem {
    mends = List.copyOf(mends);
  }
}
