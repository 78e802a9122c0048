package app.fret.files.abc;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.score.Bar;
import app.fret.score.Event;
import app.fret.score.Note;
import app.fret.score.Passage;
import app.fret.score.Rest;
import app.fret.score.Sounding;
import app.fret.score.Tuplet;
import app.fret.testing.RandomPassages;
import java.util.List;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class AbcWriterTest {
  static LongStream seeds() {
    return LongStream.range(0, 120);
  }

  /** What ABC can hold of an event. */
  private static String told(Event event) {
    if (event instanceof Rest) {
      return "rest " + event.length();
    }
    Sounding sounding = (Sounding) event;
    StringBuilder told = new StringBuilder();
    told.append(sounding.grace()).append(' ').append(sounding.length());
    for (Note head : sounding.notes()) {
      told.append(' ').append(head.written());
      told.append(head.tiedTo() ? " tied" : "");
      told.append(sounding.isGrace() ? "" : head.finger().map(f -> " " + f).orElse(""));
    }
    return told.toString();
  }

  private static Passage back(Passage passage) {
    AbcTune tune = AbcReader.read(AbcWriter.write(passage).text());
    return tune.passage().orElseThrow();
  }

  /** Generated ties lead anywhere, so that these are without them; graces are single notes. */
  private static Passage holdable(Passage passage) {
    List<Event> events =
        passage.events().stream()
            .map(
                e ->
                    e instanceof Sounding s
                        ? s.withNotes(
                            (s.isGrace() ? s.notes().subList(0, 1) : s.notes())
                                .stream().map(n -> n.withTies(false, false)).toList())
                        : e)
            .map(Event.class::cast)
            .toList();
    return passage.withEvents(events);
  }

  @ParameterizedTest
  @MethodSource("seeds")
  void whatIsWrittenReadsBackWithItsNotesBarsAndSlurs(long seed) {
    Passage passage = holdable(RandomPassages.full(seed));
    Passage back = back(passage);
    assertThat(back.events().stream().map(AbcWriterTest::told))
        .containsExactlyElementsOf(passage.events().stream().map(AbcWriterTest::told).toList());
    assertThat(back.bars()).extracting(Bar::metre).isEqualTo(metres(passage));
    assertThat(back.bars()).extracting(Bar::key).isEqualTo(keys(passage));
    assertThat(back.bars()).extracting(Bar::length).isEqualTo(lengths(passage));
    assertThat(back.slurs()).containsExactlyInAnyOrderElementsOf(passage.slurs());
    assertThat(back.tuplets()).extracting(Tuplet::span).isEqualTo(spans(passage));
    assertThat(back.directions().tempos()).isEqualTo(passage.directions().tempos());
  }

  private static List<?> metres(Passage passage) {
    return passage.bars().stream().map(Bar::metre).toList();
  }

  private static List<?> keys(Passage passage) {
    return passage.bars().stream().map(Bar::key).toList();
  }

  private static List<?> lengths(Passage passage) {
    return passage.bars().stream().map(Bar::length).toList();
  }

  private static List<?> spans(Passage passage) {
    return passage.tuplets().stream().map(Tuplet::span).toList();
  }

  @Test
  void aTuneIsWrittenAsAPlayerWouldTypeIt() {
    String tune =
        "X:1\nT:Grey Ferry\nM:4/4\nL:1/8\nQ:1/4=96\nK:D clef=treble\n"
            + " d2 !f!(f2 ^g2) a2- | a2 (3b c' d' .uA2 z2 |]\n";
    Passage passage = AbcReader.read(tune).passage().orElseThrow();
    AbcWriter.Written written = AbcWriter.write(passage);
    assertThat(written.text()).isEqualTo(tune);
    assertThat(written.left()).isEmpty();
  }

  @Test
  void whatCannotBeHeldIsListed() {
    List<String> left =
        LongStream.range(0, 40)
            .boxed()
            .flatMap(s -> AbcWriter.write(RandomPassages.full(s)).left().stream())
            .distinct()
            .toList();
    assertThat(left)
        .contains("numbers of strings", "signs of harmonics", "rehearsal marks")
        .allMatch(phrase -> !phrase.endsWith("."));
  }

  /** Some programs leave the figures of triplets out of their files. */
  @Test
  void tupletsThatNoSignGroupsAreGroupedWhenWritten() {
    String tune =
        "X:1\nT:Grey Ferry\nM:2/4\nL:1/8\nK:C clef=treble\n" + " (3A B c (3:2:2d2 e | A4 |]\n";
    Passage read = AbcReader.read(tune).passage().orElseThrow();
    Passage bare =
        new Passage(
            read.title(),
            read.partName(),
            read.bars(),
            read.events(),
            List.of(),
            List.of(),
            read.directions(),
            read.transposition());
    assertThat(bare.tuplets()).isEmpty();
    Passage back = back(bare);
    assertThat(back.events())
        .extracting(Event::length)
        .isEqualTo(read.events().stream().map(Event::length).toList());
    assertThat(back.tuplets()).extracting(t -> t.span().toString()).hasSize(2);
  }
}
