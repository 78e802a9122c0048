package app.fret.files.musicxml;

import java.util.Map;

/** What the elements of MusicXML are called in a list that a player reads. */
final class SignNames {
  private static final Map<String, String> NAMES =
      Map.ofEntries(
          Map.entry("harmony", "chord symbols"),
          Map.entry("figured-bass", "figured bass"),
          Map.entry("lyric", "lyrics"),
          Map.entry("notehead", "special note heads"),
          Map.entry("notehead-text", "text in note heads"),
          Map.entry("measure-repeat", "signs that repeat a bar, whose notes are not written out"),
          Map.entry("beat-repeat", "signs that repeat a beat, whose notes are not written out"),
          Map.entry("slash", "slashes in place of notes"),
          Map.entry("capo", "a capo, which is not planned for"),
          Map.entry("string-mute", "mutes put on or taken off"),
          Map.entry("pedal", "pedal marks"),
          Map.entry("bracket", "brackets and dashes"),
          Map.entry("dashes", "brackets and dashes"),
          Map.entry("other-direction", "other directions"),
          Map.entry("arpeggiate", "arpeggio signs"),
          Map.entry("non-arpeggiate", "brackets of chords that are not broken"),
          Map.entry("breath-mark", "breath marks"),
          Map.entry("caesura", "caesuras"),
          Map.entry("accidental-mark", "accidentals over ornaments"),
          Map.entry("wavy-line", "wavy lines"),
          Map.entry("fermata", "fermatas"),
          Map.entry("interchangeable", "a second metre"),
          Map.entry("key-step", "key signatures that are no row of fifths"),
          Map.entry("symbol", "symbols among words"),
          Map.entry("base-pitch", "pitches of a harmonic"),
          Map.entry("touching-pitch", "pitches of a harmonic"),
          Map.entry("sounding-pitch", "pitches of a harmonic"),
          Map.entry("part-clef", "clefs of a part in the score"),
          Map.entry("swing", "swung rhythm"),
          Map.entry("for-part", "transpositions of a part in the score"));

  private SignNames() {}

  /**
   * Words for an element that was passed over.
   *
   * @param element its name
   * @param parent name of the element it stands in
   */
  static String words(String element, String parent) {
    if (element.startsWith(XmlElement.FOREIGN)) {
      return "elements of another format";
    }
    String words = NAMES.getOrDefault(element, "the sign '" + element + "'");
    return switch (parent) {
      case "ornaments" -> NAMES.getOrDefault(element, "the ornament '" + element + "'");
      case "barline" -> words + " at a bar line";
      case "rest" -> words + " at a rest";
      default -> words;
    };
  }
}
