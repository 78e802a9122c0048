package app.fret.files.musicxml;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.fret.files.ReadPassage;
import app.fret.files.ScoreRejectedException;
import app.fret.score.Accidental;
import app.fret.score.Bar;
import app.fret.score.BeatUnit;
import app.fret.score.BowDirection;
import app.fret.score.Clef;
import app.fret.score.Directions;
import app.fret.score.Event;
import app.fret.score.Finger;
import app.fret.score.Marks;
import app.fret.score.Metre;
import app.fret.score.Note;
import app.fret.score.NoteValue;
import app.fret.score.Passage;
import app.fret.score.Rest;
import app.fret.score.Sounding;
import app.fret.score.Span;
import app.fret.score.Tempo;
import app.fret.score.Transposition;
import app.fret.score.TupletRatio;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Collectors;
import org.apache.commons.numbers.fraction.Fraction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class MusicXmlReaderTest {
  private static ReadPassage read(String... bars) throws ScoreRejectedException {
    return new MusicXmlReader().open("test.musicxml", Xml.score(bars)).read(0);
  }

  private static Passage passage(String... bars) throws ScoreRejectedException {
    return read(bars).passage();
  }

  private static Sounding sounding(Passage passage, int event) {
    return (Sounding) passage.events().get(event);
  }

  @Test
  void readsPitchesRestsDotsAndTies() throws ScoreRejectedException {
    Passage passage =
        passage(
            Xml.head(4, 4)
                + "<note><pitch><step>B</step><alter>-1</alter><octave>4</octave></pitch>"
                + "<duration>6</duration><tie type=\"start\"/><voice>1</voice><type>quarter</type>"
                + "<dot/><accidental>flat</accidental></note>"
                + "<note><rest/><duration>2</duration><voice>1</voice><type>eighth</type></note>"
                + Xml.note("C", 5, 8, "half", ""));
    Note first = sounding(passage, 0).notes().get(0);
    assertThat(first.written()).hasToString("Bb4");
    assertThat(first.tiedTo()).isTrue();
    assertThat(first.accidental()).contains(new Accidental(Accidental.Kind.FLAT, false));
    assertThat(passage.events().get(0).written().dots()).isEqualTo(1);
    assertThat(passage.events().get(1)).isInstanceOf(Rest.class);
    assertThat(passage.events().get(2).onset()).isEqualTo(Fraction.of(1, 2));
  }

  @Test
  void readsChordsAsOneEventLowestFirst() throws ScoreRejectedException {
    Passage passage =
        passage(
            Xml.head(4, 4)
                + Xml.note("E", 5, 16, "whole", "")
                + Xml.note("G", 4, 16, "whole", "").replace("<note>", "<note><chord/>"));
    assertThat(passage.events()).hasSize(1);
    assertThat(sounding(passage, 0).notes())
        .extracting(n -> n.written().toString())
        .containsExactly("G4", "E5");
  }

  @Test
  void readsSlursOverTheirEvents() throws ScoreRejectedException {
    String start = "<notations><slur type=\"start\" number=\"1\"/></notations>";
    String stop = "<notations><slur type=\"stop\" number=\"1\"/></notations>";
    Passage passage =
        passage(
            Xml.head(4, 4)
                + Xml.note("C", 5, 4, "quarter", start)
                + Xml.note("D", 5, 4, "quarter", "")
                + Xml.note("E", 5, 4, "quarter", stop)
                + Xml.note("F", 5, 4, "quarter", ""));
    assertThat(passage.slurs()).containsExactly(new Span(0, 2));
  }

  @Test
  void readsTupletsExactlyEvenWhereDivisionsRound() throws ScoreRejectedException {
    String change =
        "<time-modification><actual-notes>3</actual-notes><normal-notes>2</normal-notes>"
            + "</time-modification>";
    String start = change + "<notations><tuplet type=\"start\" bracket=\"yes\"/></notations>";
    String stop = change + "<notations><tuplet type=\"stop\"/></notations>";
    Passage passage =
        passage(
            Xml.head(1, 4)
                + Xml.note("C", 5, 1, "eighth", start)
                + Xml.note("D", 5, 1, "eighth", change)
                + Xml.note("E", 5, 1, "eighth", stop));
    assertThat(passage.events()).allMatch(e -> e.length().equals(Fraction.of(1, 12)));
    assertThat(passage.bars().get(0).length()).isEqualTo(Fraction.of(1, 4));
    assertThat(passage.tuplets()).hasSize(1);
    assertThat(passage.tuplets().get(0).ratio()).isEqualTo(new TupletRatio(3, 2));
  }

  @Test
  void readsGraceNotesWithoutTime() throws ScoreRejectedException {
    Passage passage =
        passage(
            Xml.head(4, 4)
                + "<note><grace slash=\"yes\"/><pitch><step>D</step><octave>5</octave></pitch>"
                + "<voice>1</voice><type>eighth</type></note>"
                + Xml.whole("C"));
    assertThat(sounding(passage, 0).grace()).isEqualTo(Sounding.Grace.SLASHED);
    assertThat(sounding(passage, 0).length()).isEqualTo(Fraction.ZERO);
    assertThat(sounding(passage, 1).onset()).isEqualTo(Fraction.ZERO);
  }

  @Test
  void readsSignsAndPrintedFingerings() throws ScoreRejectedException {
    String notations =
        "<notations><ornaments><trill-mark/></ornaments><technical><down-bow/><harmonic><natural/>"
            + "</harmonic><fingering>3</fingering><string>2</string></technical><articulations>"
            + "<accent/><staccato/></articulations><fermata/></notations>";
    Passage passage = passage(Xml.head(4, 4) + Xml.note("C", 5, 16, "whole", notations));
    Marks marks = sounding(passage, 0).marks();
    Note note = sounding(passage, 0).notes().get(0);
    assertThat(marks.articulations())
        .containsExactly(Marks.Articulation.STACCATO, Marks.Articulation.ACCENT);
    assertThat(marks.ornaments()).containsExactly(Marks.Ornament.TRILL);
    assertThat(marks.bow()).contains(BowDirection.DOWN);
    assertThat(marks.fermata()).isTrue();
    assertThat(note.finger()).contains(Finger.THIRD);
    assertThat(note.string()).hasValue(2);
    assertThat(note.harmonic()).isEqualTo(Note.Harmonic.NATURAL);
  }

  @Test
  void readsDirectionsAtTheirTime() throws ScoreRejectedException {
    String tempo =
        "<direction><direction-type><metronome><beat-unit>half</beat-unit><per-minute>66"
            + "</per-minute></metronome></direction-type></direction>";
    Passage passage =
        passage(
            Xml.head(4, 4)
                + tempo
                + "<direction placement=\"below\"><direction-type><dynamics><mf/></dynamics>"
                + "</direction-type></direction>"
                + Xml.note("C", 5, 8, "half", "")
                + "<direction placement=\"below\"><direction-type><wedge type=\"crescendo\"/>"
                + "</direction-type></direction>"
                + Xml.note("D", 5, 8, "half", "")
                + "<direction><direction-type><wedge type=\"stop\"/></direction-type></direction>",
            "<direction><direction-type><rehearsal>B</rehearsal></direction-type></direction>"
                + "<direction placement=\"below\"><direction-type><words>dolce</words>"
                + "</direction-type></direction>"
                + Xml.whole("E"));
    Directions directions = passage.directions();
    assertThat(directions.tempos().get(0).tempo()).isEqualTo(new Tempo(BeatUnit.HALF, 66));
    assertThat(directions.dynamics()).containsExactly(new Directions.Dynamic(Fraction.ZERO, "mf"));
    assertThat(directions.hairpins())
        .containsExactly(new Directions.Hairpin(Fraction.of(1, 2), Fraction.ONE, true));
    assertThat(directions.rehearsals())
        .containsExactly(new Directions.Rehearsal(Fraction.ONE, "B"));
    assertThat(directions.words())
        .containsExactly(new Directions.Words(Fraction.ONE, "dolce", false));
  }

  @Test
  void readsOctaveLinesAsTrueOctaves() throws ScoreRejectedException {
    Passage passage =
        passage(
            Xml.head(4, 4)
                + "<direction><direction-type><octave-shift type=\"down\" size=\"8\"/>"
                + "</direction-type></direction>"
                + Xml.whole("E")
                + "<direction><direction-type><octave-shift type=\"stop\" size=\"8\"/>"
                + "</direction-type></direction>");
    assertThat(passage.directions().octaveShifts())
        .containsExactly(new Directions.OctaveShift(Fraction.ZERO, Fraction.ONE, 1));
  }

  @Test
  void readsMetreKeyAndClefChanges() throws ScoreRejectedException {
    Passage passage =
        passage(
            Xml.head(4, 4)
                + Xml.note("C", 5, 8, "half", "")
                + "<attributes><clef><sign>F</sign><line>4</line></clef></attributes>"
                + Xml.note("C", 3, 8, "half", ""),
            "<attributes><key><fifths>-3</fifths></key><time><beats>3+2</beats>"
                + "<beat-type>8</beat-type></time></attributes>"
                + Xml.note("C", 3, 10, "half", ""));
    Bar first = passage.bars().get(0);
    Bar second = passage.bars().get(1);
    assertThat(first.clefAt(Fraction.ZERO)).isEqualTo(Clef.TREBLE);
    assertThat(first.clefAt(Fraction.of(1, 2))).isEqualTo(Clef.BASS);
    assertThat(second.clefs().get(0).clef()).isEqualTo(Clef.BASS);
    assertThat(second.key().fifths()).isEqualTo(-3);
    assertThat(second.metre().groups()).containsExactly(3, 2);
  }

  @Test
  void aShortFirstBarIsAPickup() throws ScoreRejectedException {
    Passage passage = passage(Xml.head(4, 4) + Xml.note("G", 4, 4, "quarter", ""), Xml.whole("C"));
    assertThat(passage.bars().get(0).uncounted()).isTrue();
    assertThat(passage.bars().get(1).onset()).isEqualTo(Fraction.of(1, 4));
  }

  @Test
  void repeatsAndEndingsAreKeptNotPlayedOut() throws ScoreRejectedException {
    Passage passage =
        passage(
            Xml.head(4, 4)
                + "<barline location=\"left\"><repeat direction=\"forward\"/></barline>"
                + Xml.whole("C"),
            "<barline location=\"left\"><ending number=\"1\" type=\"start\"/></barline>"
                + Xml.whole("D")
                + "<barline location=\"right\"><ending number=\"1\" type=\"stop\"/>"
                + "<repeat direction=\"backward\"/></barline>");
    assertThat(passage.bars()).hasSize(2);
    assertThat(passage.bars().get(0).edges().repeatStart()).isTrue();
    assertThat(passage.bars().get(1).edges().endingStart()).contains("1");
    assertThat(passage.bars().get(1).edges().repeatTimes()).isEqualTo(2);
  }

  @Test
  void aRepeatIsTheLineAtItsBarWhateverAnotherBarLineSays() throws ScoreRejectedException {
    Passage passage =
        passage(
            Xml.head(4, 4)
                + Xml.whole("C")
                + "<barline location=\"right\"><bar-style>light-heavy</bar-style></barline>"
                + "<barline location=\"right\"><repeat direction=\"backward\"/></barline>");
    Bar.Edges edges = passage.bars().get(0).edges();
    assertThat(edges.repeatTimes()).isEqualTo(2);
    assertThat(edges.line()).isEqualTo(Bar.Line.PLAIN);
  }

  @Test
  void transpositionIsKeptApartFromTheWrittenPitch() throws ScoreRejectedException {
    Passage passage =
        passage(
            Xml.head(4, 4)
                    .replace(
                        "</clef></attributes>",
                        "</clef><transpose><chromatic>-2</chromatic><octave-change>-1"
                            + "</octave-change></transpose></attributes>")
                + Xml.whole("C"));
    assertThat(passage.transposition()).contains(new Transposition(-14));
    assertThat(sounding(passage, 0).notes().get(0).written()).hasToString("C5");
  }

  private static String told(Passage passage) {
    StringBuilder words = new StringBuilder();
    int bar = 0;
    for (Event event : passage.events()) {
      words.append(event.bar() > bar ? "| " : "");
      bar = event.bar();
      String heads =
          event instanceof Sounding s
              ? s.notes().stream()
                  .map(n -> n.written() + (n.tiedTo() ? "~" : ""))
                  .collect(Collectors.joining("+"))
              : "r";
      words.append(heads).append('/').append(event.length().getDenominator()).append(' ');
    }
    return words.toString().strip();
  }

  private static String second(String notes) {
    return "<backup><duration>16</duration></backup>" + notes.replace("<voice>1", "<voice>2");
  }

  @Test
  void aSecondVoiceThatSoundsWithTheFirstIsADoubleStop() throws ScoreRejectedException {
    ReadPassage read =
        read(
            Xml.head(4, 4)
                + Xml.note("E", 5, 8, "half", "")
                + Xml.note("F", 5, 8, "half", "")
                + second(Xml.whole("C")),
            Xml.note("E", 5, 8, "half", "")
                + Xml.note("F", 5, 8, "half", "")
                + second(Xml.note("G", 4, 8, "half", "") + Xml.note("A", 4, 8, "half", "")));
    assertThat(told(read.passage())).isEqualTo("C5~+E5/2 C5+F5/2 | G4+E5/2 A4+F5/2");
    assertThat(read.skipped()).isEmpty();
  }

  @Test
  void aMelodyInTheSecondVoiceOverAHeldFirstIsReadToo() throws ScoreRejectedException {
    ReadPassage read =
        read(
            Xml.head(4, 4)
                + Xml.whole("C")
                + second(Xml.note("E", 5, 8, "half", "") + Xml.note("F", 5, 8, "half", "")),
            Xml.whole("D"));
    assertThat(told(read.passage())).isEqualTo("C5~+E5/2 C5+F5/2 | D5/1");
  }

  @Test
  void voicesThatCrossEachOthersNotesAreListedAndTheFirstIsRead() throws ScoreRejectedException {
    ReadPassage read =
        read(
            Xml.head(4, 4)
                + Xml.note("E", 5, 8, "half", "")
                + Xml.note("F", 5, 8, "half", "")
                + second(
                    Xml.note("C", 4, 4, "quarter", "")
                        + Xml.note("D", 4, 8, "half", "")
                        + Xml.note("E", 4, 4, "quarter", "")),
            Xml.whole("D"));
    assertThat(told(read.passage())).isEqualTo("E5/2 F5/2 | D5/1");
    assertThat(read.skipped()).containsExactly("voice 2 in bar 1");
  }

  @Test
  void aBarThatIsInTheSecondVoiceAloneIsNotSilent() throws ScoreRejectedException {
    ReadPassage read =
        read(
            Xml.head(4, 4) + Xml.whole("C"),
            Xml.whole("D").replace("<voice>1", "<voice>2"),
            Xml.whole("E"));
    assertThat(told(read.passage())).isEqualTo("C5/1 | D5/1 | E5/1");
    assertThat(read.skipped()).isEmpty();
  }

  @Test
  void cueNotesAreNotThePart() throws ScoreRejectedException {
    String cues = Xml.note("G", 4, 4, "quarter", "").replace("<note>", "<note><cue/>").repeat(4);
    ReadPassage read =
        read(
            Xml.head(4, 4)
                + "<note><rest measure=\"yes\"/><duration>16</duration><voice>1</voice></note>"
                + second(cues),
            Xml.whole("E"));
    assertThat(told(read.passage())).isEqualTo("r/1 | E5/1");
    assertThat(read.skipped()).singleElement().asString().contains("in bar 1");
  }

  @Test
  void anOssiaStaffIsNotThePart() throws ScoreRejectedException {
    String ossia =
        Xml.note("G", 4, 2, "eighth", "")
            .replace("<voice>1</voice>", "<voice>2</voice><staff>2</staff>")
            .repeat(8);
    String head =
        Xml.head(4, 4)
            .replace(
                "</attributes>",
                "<staff-details number=\"2\"><staff-type>ossia</staff-type></staff-details>"
                    + "</attributes>");
    ReadPassage read = read(head + Xml.whole("C") + second(ossia), Xml.whole("E"));
    assertThat(told(read.passage())).isEqualTo("C5/1 | E5/1");
  }

  @Test
  void gapsOfTheVoiceBecomeRests() throws ScoreRejectedException {
    Passage passage =
        passage(
            Xml.head(4, 4)
                + "<forward><duration>6</duration></forward>"
                + Xml.note("E", 5, 2, "eighth", "")
                + Xml.note("F", 5, 8, "half", ""));
    assertThat(passage.events().subList(0, 2))
        .allMatch(e -> e instanceof Rest || e.onset().signum() > 0);
    assertThat(passage.events().get(0).written().value()).isEqualTo(NoteValue.QUARTER);
    assertThat(passage.events().get(0).length()).isEqualTo(Fraction.of(3, 8));
  }

  @Test
  void whatIsPassedOverIsListedWithItsBars() throws ScoreRejectedException {
    String lyric = "<lyric><text>la</text></lyric>";
    ReadPassage read =
        read(
            Xml.head(4, 4) + Xml.note("C", 5, 16, "whole", lyric),
            Xml.note("C", 5, 16, "whole", lyric)
                + "<harmony><root><root-step>C</root-step></root><kind>major</kind></harmony>");
    assertThat(read.skipped()).containsExactly("lyrics in bars 1, 2", "chord symbols in bar 2");
  }

  @Test
  void aPlaybackTempoIsRememberedWhereNoneIsPrinted() throws ScoreRejectedException {
    ReadPassage read = read(Xml.head(4, 4) + "<sound tempo=\"72\"/>" + Xml.whole("C"));
    assertThat(read.passage().printedTempo()).isEmpty();
    assertThat(read.playbackTempo()).contains(new Tempo(BeatUnit.QUARTER, 72));
  }

  @Test
  void anOverfullBarIsKeptAsItIsAndNamed() throws ScoreRejectedException {
    for (String implicit : new String[] {"", " implicit=\"yes\""}) {
      byte[] file =
          new String(
                  Xml.score(
                      Xml.head(3, 4) + Xml.note("C", 5, 12, "half", "<dot/>"),
                      Xml.note("C", 5, 14, "half", "<dot/><dot/>"),
                      Xml.note("D", 5, 12, "half", "<dot/>")),
                  StandardCharsets.UTF_8)
              .replace("number=\"2\"", "number=\"2\"" + implicit)
              .getBytes(StandardCharsets.UTF_8);
      ReadPassage read = new MusicXmlReader().open("test.musicxml", file).read(0);
      assertThat(read.passage().bars())
          .extracting(b -> b.isOverlong() + " " + b.sum())
          .containsExactly("false 3/4", "true 7/8", "false 3/4");
      assertThat(read.skipped())
          .containsExactly("a bar longer than its metre, kept as it is: 7/8 in 3/4 in bar" + " 2");
    }
  }

  @Test
  void aBarThatOnlyAnotherVoiceMakesTooLongIsReadByItsOwn() throws ScoreRejectedException {
    ReadPassage read =
        read(
            Xml.head(4, 4)
                + Xml.note("E", 5, 8, "half", "")
                + Xml.note("F", 5, 8, "half", "")
                + second(Xml.whole("C") + Xml.note("C", 5, 4, "quarter", "")),
            Xml.whole("D"));
    assertThat(read.passage().bars()).noneMatch(Bar::isOverlong);
    assertThat(read.skipped()).contains("another voice is longer than the bar in bar 1");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "<attributes><divisions>0</divisions></attributes>",
        "<attributes><time><beats>x</beats><beat-type>4</beat-type></time></attributes>",
        "<attributes><key><fifths>12</fifths></key></attributes>",
        "<note><pitch><octave>5</octave></pitch><duration>4</duration></note>",
        "<note><pitch><step>C</step><octave>5</octave></pitch><voice>1</voice></note>"
      })
  void nonsenseInABarIsRefusedNamingTheBar(String nonsense) {
    assertThatThrownBy(() -> read(Xml.head(4, 4) + Xml.whole("C"), nonsense))
        .isInstanceOf(ScoreRejectedException.class)
        .hasMessageStartingWith("test.musicxml, Violin, bar 2: ");
  }

  @Test
  void partsAreFoundByNumberNameAndInstrument() throws ScoreRejectedException {
    byte[] two =
        Xml.bytes(
            Xml.DOCTYPE,
            Xml.part("P1", Xml.head(4, 4) + Xml.whole("C"))
                + Xml.part("P2", Xml.head(4, 4) + Xml.whole("D")),
            "<score-part id=\"P1\"><part-name>Flute</part-name></score-part>"
                + "<score-part id=\"P2\"><part-name>Viola solo</part-name></score-part>");
    ScoreFile score = new MusicXmlReader().open("two.xml", two);
    assertThat(score.partNames()).containsExactly("Flute", "Viola solo");
    assertThat(score.partOf("2")).isEqualTo(1);
    assertThat(score.partOf("flute")).isZero();
    assertThat(score.likelyPart("viola")).isEqualTo(1);
    assertThat(score.read(1).skipped()).isEmpty();
    assertThat(score.title()).isEqualTo("two");
    assertThatThrownBy(() -> score.partOf("Horn"))
        .hasMessage("two.xml: it has no part 'Horn'; its parts are Flute, Viola solo");
  }

  @Test
  void withoutATimeSignatureABarIsAsLongAsItsNotes() throws ScoreRejectedException {
    String divisions = "<attributes><divisions>4</divisions></attributes>";
    Passage passage = passage(divisions + Xml.whole("C") + Xml.note("D", 5, 8, "half", ""));
    assertThat(passage.bars().get(0).length()).isEqualTo(Fraction.of(3, 2));
    assertThat(passage.bars().get(0).metre().isFree()).isTrue();
  }

  @Test
  void aGapShorterThanAnyNoteValueStaysThatShort() throws ScoreRejectedException {
    String fine = Xml.head(4, 4).replace("<divisions>4<", "<divisions>1024<");
    Passage passage =
        passage(
            fine + "<forward><duration>3</duration></forward>" + Xml.note("C", 5, 2045, "half", ""),
            Xml.note("D", 5, 4096, "whole", ""));
    assertThat(passage.events().get(0).length()).isEqualTo(Fraction.of(3, 4096));
    assertThat(passage.bars().get(1).onset()).isEqualTo(Fraction.of(1, 2));
  }

  @Test
  void aByteOrderMarkGoesBeforeAWrongDeclaration() throws ScoreRejectedException {
    String text =
        new String(
                Xml.score(Xml.head(4, 4) + Xml.whole("C")), java.nio.charset.StandardCharsets.UTF_8)
            .replace("encoding=\"UTF-8\"", "encoding=\"UTF-16\"");
    byte[] marked = ("\uFEFF" + text).getBytes(java.nio.charset.StandardCharsets.UTF_8);
    assertThat(new MusicXmlReader().open("m.xml", marked).partNames()).containsExactly("Violin");
  }

  @Test
  void metresKeepTheirPrintedSign() throws ScoreRejectedException {
    Passage passage =
        passage(Xml.head(4, 4).replace("<time>", "<time symbol=\"common\">") + Xml.whole("C"));
    assertThat(passage.bars().get(0).metre())
        .isEqualTo(new Metre(List.of(4), 4, Metre.Sign.COMMON));
  }
}
