package app.fret.time;

import app.fret.reading.Reading;
import java.util.List;
import java.util.stream.Stream;

/**
 * A place where the tempo may differ, to be taken by the player or left.
 *
 * @param place where and how far
 * @param words what it is and why, a phrase
 */
public record TempoProposal(TempoPlace place, String words) {
  /** All for a passage: where it may broaden, then what its words ask for. */
  public static List<TempoProposal> of(Reading reading, TempoChoices tempo) {
    return Stream.concat(
            Broadening.of(reading, tempo).stream(), TempoWords.of(reading, tempo).stream())
        .toList();
  }
}
