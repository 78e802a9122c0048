package app.fret.files.musicxml;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.score.Event;
import app.fret.score.Passage;
import app.fret.score.Rest;
import app.fret.score.Sounding;
import app.fret.score.WrittenPitch;
import app.fret.testing.RandomPassages;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import org.apache.commons.numbers.fraction.Fraction;
import org.audiveris.proxymusic.Attributes;
import org.audiveris.proxymusic.Note;
import org.audiveris.proxymusic.ScorePartwise;
import org.audiveris.proxymusic.util.Marshalling;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * Fret's reader against proxymusic, a binding made from the published schema: both find the same
 * notes, chords and rests at the same times in every demo file and in generated ones.
 */
class TwoReadersTest {
  private static final Path DEMO =
      Path.of("..", "desktop", "src", "main", "resources", "app", "fret", "desktop", "demo");

  static Stream<Path> demoFiles() {
    try (Stream<Path> files = Files.list(DEMO)) {
      return files.filter(f -> f.toString().endsWith(".musicxml")).sorted().toList().stream();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  static LongStream seeds() {
    return LongStream.range(500, 560);
  }

  /** What sounds or rests, when, for how long, as both readers can tell. */
  private record Heard(Fraction onset, Fraction length, List<String> heads) {}

  @ParameterizedTest
  @MethodSource("demoFiles")
  void bothHearTheSameInADemoFile(Path file) throws Exception {
    byte[] xml = Files.readAllBytes(file);
    assertThat(own(xml)).isNotEmpty().isEqualTo(bound(xml));
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void bothHearTheSameInAGeneratedFile(long seed) throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    new MusicXmlWriter().write(RandomPassages.full(seed), out);
    assertThat(own(out.toByteArray())).isNotEmpty().isEqualTo(bound(out.toByteArray()));
  }

  private static List<Heard> own(byte[] xml) throws Exception {
    Passage passage = new MusicXmlReader().open("own.musicxml", xml).read(0).passage();
    List<Heard> heard = new ArrayList<>();
    for (Event event : passage.events()) {
      heard.add(new Heard(event.onset(), event.length(), heads(event)));
    }
    return heard;
  }

  private static List<String> heads(Event event) {
    return event instanceof Rest
        ? List.of()
        : ((Sounding) event)
            .notes().stream().map(n -> head(n.written(), n.tiedTo())).sorted().toList();
  }

  private static String head(WrittenPitch pitch, boolean tied) {
    return pitch.step() + " " + pitch.alter() + " " + pitch.octave() + (tied ? " tied" : "");
  }

  private static List<Heard> bound(byte[] xml) throws Exception {
    ScorePartwise score = (ScorePartwise) Marshalling.unmarshal(new ByteArrayInputStream(xml));
    List<Heard> heard = new ArrayList<>();
    Fraction time = Fraction.ZERO;
    BigDecimal divisions = BigDecimal.ONE;
    for (ScorePartwise.Part.Measure measure : score.getPart().get(0).getMeasure()) {
      for (Object child : measure.getNoteOrBackupOrForward()) {
        if (child instanceof Attributes attributes && attributes.getDivisions() != null) {
          divisions = attributes.getDivisions();
        } else if (child instanceof Note note) {
          time = hear(note, time, divisions, heard);
        }
      }
    }
    return heard;
  }

  private static Fraction hear(Note note, Fraction time, BigDecimal divisions, List<Heard> heard) {
    if (note.getChord() != null) {
      Heard chord = heard.remove(heard.size() - 1);
      List<String> heads = new ArrayList<>(chord.heads());
      heads.add(head(note));
      heard.add(new Heard(chord.onset(), chord.length(), heads.stream().sorted().toList()));
      return time;
    }
    boolean grace = note.getGrace() != null;
    Fraction length =
        grace
            ? Fraction.ZERO
            : Fraction.of(note.getDuration().intValueExact(), 4 * divisions.intValueExact());
    List<String> heads = note.getRest() != null ? List.of() : List.of(head(note));
    heard.add(new Heard(time, length, heads));
    return time.add(length);
  }

  private static String head(Note note) {
    BigDecimal alter = note.getPitch().getAlter();
    boolean tied = note.getTie().stream().anyMatch(t -> t.getType().value().equals("start"));
    return note.getPitch().getStep()
        + " "
        + (alter == null ? 0 : alter.intValueExact())
        + " "
        + note.getPitch().getOctave()
        + (tied ? " tied" : "");
  }
}
