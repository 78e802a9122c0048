package app.fret.files.musicxml;

import java.nio.charset.StandardCharsets;

/** Small MusicXML documents for tests. */
final class Xml {
  static final String DOCTYPE =
      "<!DOCTYPE score-partwise PUBLIC \"-//Recordare//DTD MusicXML 4.0 Partwise//EN\""
          + " \"http://www.musicxml.org/dtds/partwise.dtd\">";

  private Xml() {}

  /** A one-part score whose bars hold the given elements. */
  static byte[] score(String... bars) {
    return bytes(
        "", part("P1", bars), "<score-part id=\"P1\"><part-name>Violin</part-name></score-part>");
  }

  static byte[] bytes(String head, String parts, String list) {
    String text =
        "<?xml version=\"1.0\" encoding=\"UTF-8\"?>"
            + head
            + "<score-partwise version=\"4.0\"><part-list>"
            + list
            + "</part-list>"
            + parts
            + "</score-partwise>";
    return text.getBytes(StandardCharsets.UTF_8);
  }

  static String part(String id, String... bars) {
    StringBuilder text = new StringBuilder("<part id=\"" + id + "\">");
    for (int i = 0; i < bars.length; i++) {
      text.append("<measure number=\"")
          .append(i + 1)
          .append("\">")
          .append(bars[i])
          .append("</measure>");
    }
    return text.append("</part>").toString();
  }

  /** Four divisions to the quarter, in the given metre. */
  static String head(int beats, int unit) {
    return "<attributes><divisions>4</divisions><key><fifths>0</fifths></key><time><beats>"
        + beats
        + "</beats><beat-type>"
        + unit
        + "</beat-type></time><clef><sign>G</sign><line>2</line></clef></attributes>";
  }

  /** A note of so many divisions with further elements after its type. */
  static String note(String step, int octave, int duration, String type, String more) {
    return "<note><pitch><step>"
        + step
        + "</step><octave>"
        + octave
        + "</octave></pitch><duration>"
        + duration
        + "</duration><voice>1</voice><type>"
        + type
        + "</type>"
        + more
        + "</note>";
  }

  static String whole(String step) {
    return note(step, 5, 16, "whole", "");
  }
}
