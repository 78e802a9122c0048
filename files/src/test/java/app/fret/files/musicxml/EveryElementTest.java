package app.fret.files.musicxml;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.files.ReadPassage;
import app.fret.files.ScorePlace;
import app.fret.files.ScoreRejectedException;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

/**
 * Every element of the MusicXML 4.0 schema is read, listed, refused with a sentence, or stands in a
 * short list of what says nothing new, with its reason.
 */
class EveryElementTest {
  private static final String NOTE =
      "<note><pitch><step>C</step><octave>5</octave></pitch><duration>16</duration><voice>1</voice>"
          + "<type>whole</type></note>";

  /** What the elements around say already, by the element and what it stands in. */
  private static final Map<String, String> SAYS_NOTHING_NEW =
      new TreeMap<>(
          Map.ofEntries(
              Map.entry("score-partwise/work", "holds titles, none here"),
              Map.entry("measure/backup", "moves the cursor by nothing here"),
              Map.entry("measure/forward", "moves the cursor by nothing here"),
              Map.entry("forward/voice", "which voice, told by the notes that are taken"),
              Map.entry("forward/staff", "which staff, told by the notes that are taken"),
              Map.entry("note/pitch", "said by what stands in it"),
              Map.entry("note/time-modification", "said by what stands in it"),
              Map.entry("attributes/time", "said by what stands in it"),
              Map.entry("attributes/clef", "said by what stands in it"),
              Map.entry("direction-type/scordatura", "said by what stands in it"),
              Map.entry("note/voice", "which voice, told by the notes that are taken"),
              Map.entry("note/staff", "which staff, told by the notes that are taken"),
              Map.entry("note/notations", "holds signs, none here"),
              Map.entry("notations/ornaments", "holds signs, none here"),
              Map.entry("notations/technical", "holds signs, none here"),
              Map.entry("notations/articulations", "holds signs, none here"),
              Map.entry("notations/dynamics", "holds signs, none here"),
              Map.entry("direction/direction-type", "holds signs, none here"),
              Map.entry("measure/direction", "holds signs, none here"),
              Map.entry("direction/voice", "which voice, of no weight for a direction"),
              Map.entry("direction/staff", "the staff that is read"),
              Map.entry("direction/offset", "moves a sign, none here"),
              Map.entry("direction/sound", "holds what playback does, nothing here"),
              Map.entry("measure/sound", "holds what playback does, nothing here"),
              Map.entry("direction-type/dynamics", "no dynamic here"),
              Map.entry("measure/attributes", "holds signs, none here"),
              Map.entry("attributes/staves", "how many staves, told by the notes"),
              Map.entry("attributes/staff-details", "holds details, none here"),
              Map.entry("staff-details/staff-type", "an ossia or cue staff is no other music"),
              Map.entry("measure/barline", "holds signs, none here"),
              Map.entry("time-modification/normal-type", "its notes last so much of their own"),
              Map.entry("time-modification/normal-dot", "its notes last so much of their own")));

  /** What every score is made of, the plain one too. */
  private static final Set<String> OF_EVERY_SCORE =
      Set.of("part", "measure", "part-list", "score-part", "note");

  /** Text that makes a difference where 1 would not, by element. */
  private static final Map<String, String> TEXT =
      Map.ofEntries(
          Map.entry("step", "D"),
          Map.entry("octave", "4"),
          Map.entry("fifths", "2"),
          Map.entry("beats", "8"),
          Map.entry("beat-type", "8"),
          Map.entry("sign", "C"),
          Map.entry("line", "1"),
          Map.entry("type", "half"),
          Map.entry("tuning-step", "D"),
          Map.entry("beat-unit", "half"),
          Map.entry("per-minute", "60"),
          Map.entry("bar-style", "light-light"),
          Map.entry("accidental", "natural"),
          Map.entry("actual-notes", "3"),
          Map.entry("normal-notes", "2"),
          Map.entry("staff-lines", "4"),
          Map.entry("duration", "8"));

  /** Attributes without which an element would be none, by element. */
  private static final Map<String, String> ATTRIBUTES =
      Map.ofEntries(
          Map.entry("tied", " type=\"start\""),
          Map.entry("tie", " type=\"start\""),
          Map.entry("slur", " type=\"start\""),
          Map.entry("tuplet", " type=\"start\""),
          Map.entry("wedge", " type=\"crescendo\""),
          Map.entry("octave-shift", " type=\"down\""),
          Map.entry("ending", " type=\"start\" number=\"1\""),
          Map.entry("repeat", " direction=\"backward\""),
          Map.entry("accord", " string=\"1\""),
          Map.entry("staff-tuning", " line=\"1\""),
          Map.entry("rest", " measure=\"no\""));

  /** What stands beside an element when it must not stand alone, by its parent. */
  private static final Map<String, String> BESIDE =
      Map.ofEntries(
          Map.entry("part-list", ""),
          Map.entry("accord", "<tuning-step>D</tuning-step><tuning-octave>5</tuning-octave>"),
          Map.entry("staff-tuning", "<tuning-step>D</tuning-step><tuning-octave>5</tuning-octave>"),
          Map.entry("metronome", "<beat-unit>quarter</beat-unit><per-minute>90</per-minute>"),
          Map.entry("backup", "<duration>0</duration>"),
          Map.entry("forward", "<duration>0</duration>"),
          Map.entry("transpose", "<chromatic>-2</chromatic>"),
          Map.entry("clef", "<sign>G</sign>"),
          Map.entry("time", "<beats>4</beats><beat-type>4</beat-type>"));

  private static String xml(List<String> path) {
    String within = String.join("/", path);
    if (within.startsWith("score-partwise/part/measure/note")) {
      return score("", "", note(path.subList(4, path.size())));
    }
    if (within.startsWith("score-partwise/part/measure/")) {
      return score("", "", nested(path.subList(3, path.size())) + NOTE);
    }
    if (within.startsWith("score-partwise/part-list/score-part/")) {
      return score("", nested(path.subList(3, path.size())), NOTE);
    }
    if (within.startsWith("score-partwise/part-list/")) {
      String closed = "</score-part>" + nested(path.subList(2, path.size())) + "<score-part>";
      return score("", closed, NOTE);
    }
    return score(nested(path.subList(1, path.size())), "", NOTE);
  }

  private static String score(String head, String inPart, String measure) {
    return "<score-partwise>"
        + head
        + "<part-list><score-part id=\"P1\">"
        + (inPart.contains("<part-name>") ? "" : "<part-name>Viola</part-name>")
        + inPart
        + "</score-part></part-list><part id=\"P1\"><measure number=\"1\"><attributes>"
        + "<divisions>4</divisions><time><beats>4</beats><beat-type>4</beat-type></time>"
        + "</attributes>"
        + measure
        + "</measure></part></score-partwise>";
  }

  /** A note with the element in it, in place of its own of that name. */
  private static String note(List<String> path) {
    if (path.isEmpty()) {
      return NOTE;
    }
    String own = "<" + path.get(0) + ">";
    int start = NOTE.indexOf(own);
    if (start < 0) {
      boolean silent = path.get(0).matches("rest|unpitched");
      String base = silent ? NOTE.replaceFirst("<pitch>.*</pitch>", "") : NOTE;
      return base.replace("</note>", nested(path) + "</note>");
    }
    if (path.get(0).equals("pitch") && path.size() > 1) {
      String old = "<" + path.get(1) + ">";
      return NOTE.contains(old)
          ? NOTE.replaceFirst(old + "[^<]*<", old + TEXT.get(path.get(1)) + "<")
          : NOTE.replace("<octave>", nested(path.subList(1, 2)) + "<octave>");
    }
    return NOTE.replaceFirst(own + "[^<]*<", own + TEXT.getOrDefault(path.get(0), "1") + "<");
  }

  private static String nested(List<String> path) {
    String name = path.get(0);
    String open = "<" + name + ATTRIBUTES.getOrDefault(name, "") + ">";
    if (path.size() == 1) {
      String text = TEXT.getOrDefault(name, BESIDE.getOrDefault(name, "1"));
      return open + text + "</" + name + ">";
    }
    String inside = nested(path.subList(1, path.size()));
    StringBuilder beside = new StringBuilder();
    for (String other : BESIDE.getOrDefault(name, "").split("(?<=</[a-z-]{1,30}>)")) {
      beside.append(other.startsWith("<" + path.get(1) + ">") ? "" : other);
    }
    return open + beside + inside + "</" + name + ">";
  }

  private static ReadPassage read(String xml) throws ScoreRejectedException {
    byte[] bytes = xml.getBytes(java.nio.charset.StandardCharsets.UTF_8);
    ScorePlace place = ScorePlace.file("every.musicxml");
    return new ScoreFile(place, new SafeXml(place).parse(bytes), bytes).read(0);
  }

  @Test
  void isReadListedRefusedOrSaysNothingNew() throws IOException, ScoreRejectedException {
    ReadPassage plain = read(score("", "", NOTE));
    List<List<String>> paths = SchemaPaths.all();
    assertThat(paths).hasSizeGreaterThan(400);
    List<String> silent = new ArrayList<>();
    List<String> needless = new ArrayList<>(SAYS_NOTHING_NEW.keySet());
    paths.removeIf(path -> OF_EVERY_SCORE.contains(path.get(path.size() - 1)));
    for (List<String> path : paths) {
      String element = String.join("/", path.subList(path.size() - 2, path.size()));
      if (isSilent(plain, xml(path)) && !needless.remove(element)) {
        silent.add(String.join("/", path));
      }
    }
    assertThat(silent).as("vanish without a word").isEmpty();
    assertThat(needless).as("said to say nothing new, but they do").isEmpty();
  }

  private static boolean isSilent(ReadPassage plain, String xml) {
    try {
      return read(xml).equals(plain);
    } catch (ScoreRejectedException e) {
      assertThat(e).hasMessageStartingWith("every.musicxml").hasMessageNotContaining("app.fret");
      return false;
    }
  }
}
