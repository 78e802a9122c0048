package app.fret.engraving;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.desktop.demo.DemoBook;
import app.fret.files.musicxml.MusicXmlReader;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.score.Passage;
import app.fret.study.Choices;
import app.fret.study.MarkedPassage;
import app.fret.study.PositionRun;
import app.fret.study.Study;
import java.io.InputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * No two signs or words of the demo passages and of a page of hard cases touch, on screen and on
 * paper alike.
 */
class DemoEngravingTest {
  private static final double TOUCH = 0.06;

  /** Seconds, grace notes, tuplets, octave lines, endings, changes of key and metre on one page. */
  private static final String HARD_CASES = "hard-cases";

  /** A sign or words with its box in staff spaces. */
  private record Boxed(String what, double left, double top, double right, double bottom) {
    boolean overlaps(Boxed other) {
      return left + TOUCH < other.right
          && other.left + TOUCH < right
          && top + TOUCH < other.bottom
          && other.top + TOUCH < bottom;
    }
  }

  private static List<Boxed> boxes(Engraving.System system) {
    List<Boxed> boxes = new ArrayList<>();
    for (Mark mark : system.marks()) {
      if (mark instanceof Mark.Glyph glyph) {
        FontMetrics.Box box = FontMetrics.BRAVURA.box(glyph.sign());
        boxes.add(
            new Boxed(
                glyph.sign() + " at " + glyph.x(),
                glyph.x() + box.left() * glyph.scale(),
                glyph.y() + box.top() * glyph.scale(),
                glyph.x() + box.right() * glyph.scale(),
                glyph.y() + box.bottom() * glyph.scale()));
      } else if (mark instanceof Mark.Text text) {
        boxes.add(
            new Boxed(
                "'" + text.text() + "' at " + text.x(),
                text.x(),
                text.y() - 0.66 * text.size(),
                text.x() + TextWidth.of(text.text(), text.size()),
                text.y()));
      }
    }
    return boxes;
  }

  private static Study study(String name, String instrument) throws Exception {
    Class<?> beside = name.equals(HARD_CASES) ? DemoEngravingTest.class : DemoBook.class;
    try (InputStream in = beside.getResourceAsStream(name + ".musicxml")) {
      Passage passage = new MusicXmlReader().open(name, in.readAllBytes()).read(0).passage();
      Player player = Player.of("", Instruments.named(instrument));
      return Study.of(passage, player, Choices.at(passage.printedTempo().orElseThrow()));
    }
  }

  private static Annotations annotations(Study study) {
    List<Annotations.Bracket> brackets = new ArrayList<>();
    for (PositionRun run : PositionRun.of(study.leftHand())) {
      brackets.add(
          new Annotations.Bracket(
              study.notes().get(run.firstNote()).events().first(),
              study.notes().get(run.lastNote()).events().last(),
              study.player().instrument().positionName(run.held().base(), run.held().frame())));
    }
    return new Annotations(brackets, Set.of(study.notes().get(0).events().first()));
  }

  /**
   * Letters of a dynamic are kerned, figures of a metre stacked, and the box of a flag holds air
   * beside its own head.
   */
  private static boolean belong(Boxed one, Boxed other) {
    boolean dynamic = one.what.startsWith("DYNAMIC_") && other.what.startsWith("DYNAMIC_");
    boolean flag = one.what.startsWith("HEAD_") && other.what.startsWith("FLAG_");
    boolean metre = one.what.startsWith("TIME_") && other.what.startsWith("TIME_");
    return dynamic || metre || (flag && Math.abs(one.left - other.left) < 1.2);
  }

  @ParameterizedTest
  @CsvSource({
    "harbour-wind, violin",
    "lantern-song, violin",
    "gate-of-bells, violin",
    "kestrel, violin",
    "mill-race, viola",
    "low-water, viola",
    "salt-road, cello",
    "copper-hill, cello",
    "tall-ship, bass",
    "seven-steps, bass",
    HARD_CASES + ", violin"
  })
  void noTwoSignsTouch(String name, String instrument) throws Exception {
    Study study = study(name, instrument);
    List<String> touching = new ArrayList<>();
    for (double width : new double[] {60, 77, 103}) {
      Engraving engraving =
          new Engraver().engrave(MarkedPassage.of(study), width, annotations(study));
      for (Engraving.System system : engraving.systems()) {
        List<Boxed> boxes = boxes(system);
        for (int i = 0; i < boxes.size(); i++) {
          for (int j = i + 1; j < boxes.size(); j++) {
            if (boxes.get(i).overlaps(boxes.get(j)) && !belong(boxes.get(i), boxes.get(j))) {
              touching.add(width + ": " + boxes.get(i).what + " and " + boxes.get(j).what);
            }
          }
        }
      }
    }
    assertThat(touching).isEmpty();
  }
}
