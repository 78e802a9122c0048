package app.fret.files.musicxml;

import java.util.Map;
import java.util.Optional;

/**
 * The elements that a player reads nothing from: Fret lays the page out itself, and plays nothing
 * back from the file. Each stands here with the words by which it is named, so that leaving it is a
 * decision and not an oversight.
 */
final class Layout {
  private static final String PLAYBACK = "sounds for playback";
  private static final String ABOUT = "notes about the file";
  private static final String NAMES = "shortened names";
  private static final String PAGE = "page and spacing";

  /** Name of the element, or parent and element, to the words for it. */
  private static final Map<String, String> WORDS =
      Map.ofEntries(
          Map.entry("beam", "beams"),
          Map.entry("stem", "stems"),
          Map.entry("print", PAGE),
          Map.entry("defaults", PAGE),
          Map.entry("credit", "text on the title page"),
          Map.entry("staff-size", PAGE),
          Map.entry("line-detail", PAGE),
          // The bars themselves are read; Fret draws them as one too.
          Map.entry("multiple-rest", "bars of rest drawn as one"),
          Map.entry("part-symbol", PAGE),
          Map.entry("part-group", "brackets of the score"),
          Map.entry("tuplet-actual", "figures of tuplets"),
          Map.entry("tuplet-normal", "figures of tuplets"),
          // What the signature and the notes say already.
          Map.entry("cancel", "naturals that cancel a key"),
          Map.entry("mode", "the name of the mode"),
          Map.entry("part-abbreviation", NAMES),
          Map.entry("part-name-display", NAMES),
          Map.entry("part-abbreviation-display", NAMES),
          Map.entry("group", NAMES),
          Map.entry("instrument", PLAYBACK),
          Map.entry("instruments", PLAYBACK),
          Map.entry("score-instrument", PLAYBACK),
          Map.entry("midi-device", PLAYBACK),
          Map.entry("midi-instrument", PLAYBACK),
          Map.entry("instrument-change", PLAYBACK),
          Map.entry("play", PLAYBACK),
          Map.entry("player", ABOUT),
          Map.entry("identification", ABOUT),
          Map.entry("movement-number", ABOUT),
          Map.entry("work-number", ABOUT),
          Map.entry("opus", ABOUT),
          Map.entry("link", ABOUT),
          Map.entry("bookmark", ABOUT),
          Map.entry("part-link", ABOUT),
          Map.entry("footnote", ABOUT),
          Map.entry("level", ABOUT));

  private Layout() {}

  /** Words for an element of pure layout; empty for one that holds music. */
  static Optional<String> words(String element) {
    return Optional.ofNullable(WORDS.get(element));
  }
}
