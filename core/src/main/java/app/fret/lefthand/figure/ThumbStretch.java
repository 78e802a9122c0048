package app.fret.lefthand.figure;

import java.util.List;

/**
 * Notes over which the thumb may rest on the strings: they lie in one frame above it, or are
 * octaves that it leads. What is assumed of them may prove dearer than to do without.
 *
 * @param first its first note
 * @param bases where the thumb rests at each of its notes, in semitones above the open strings
 */
public record ThumbStretch(int first, List<Integer> bases) {
  public ThumbStretch {
    bases = List.copyOf(bases);
  }
}
