package app.fret.engraving;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.fret.score.Passage;
import app.fret.testing.Music;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class PartPagesTest {
  private static final PartPages.Heading HEADING =
      new PartPages.Heading("Study 4", "Viola, Oda Merrin", "Secure", List.of("Take care."));

  private static Passage bars(int count) {
    return Music.passage("C5/8 D5/8 E5/8 F5/8 G5/8 F5/8 E5/8 D5/8 |".repeat(count - 1) + " C5/1");
  }

  private static List<PartPages.Page> pages(int bars, Paper paper) {
    Engraving engraving = new Engraver().engrave(bars(bars), PartPages.widthSpaces(paper));
    return PartPages.of(engraving, HEADING, paper);
  }

  @ParameterizedTest
  @EnumSource(Paper.class)
  void everySystemStandsOnThePaperUnderTheOneBefore(Paper paper) {
    List<PartPages.Page> pages = pages(120, paper);
    assertThat(pages.size()).isGreaterThan(1);
    for (PartPages.Page page : pages) {
      double free = 0;
      for (PartPages.Line line : page.lines()) {
        double space = PartPages.STAFF_SPACE_MM;
        assertThat(line.yMm() + line.system().top() * space).isGreaterThan(free);
        free = line.yMm() + line.system().bottom() * space;
        double right = line.xMm() + PartPages.widthSpaces(paper) * space;
        assertThat(right).isLessThanOrEqualTo(paper.widthMm() - 15 + 1e-9);
      }
      assertThat(free).isLessThan(paper.heightMm());
    }
  }

  @Test
  void theTitleStandsOnTheFirstPageAndCautionsUnderTheLastSystem() {
    List<PartPages.Page> pages = pages(120, Paper.A4);
    assertThat(words(pages.get(0))).contains("Study 4", "Viola, Oda Merrin", "1");
    assertThat(words(pages.get(1))).doesNotContain("Study 4").contains("2");
    assertThat(words(pages.get(pages.size() - 1))).contains("Take care.");
  }

  private static List<String> words(PartPages.Page page) {
    return page.words().stream().map(PartPages.Words::text).toList();
  }

  /** ISO 216 and the inch sizes of Letter. */
  @Test
  void papersHaveTheirPublishedSizes() {
    assertThat(List.of(Paper.A4.widthMm(), Paper.A4.heightMm())).containsExactly(210.0, 297.0);
    assertThat(Paper.LETTER.widthMm()).isCloseTo(8.5 * 25.4, within(1e-6));
    assertThat(Paper.LETTER.heightMm()).isCloseTo(11 * 25.4, within(1e-6));
  }

  @Test
  void aLongNoteIsBrokenAtSpaces() {
    PartPages.Heading heading =
        new PartPages.Heading("", "", "", List.of("Play a wide reach seldom. ".repeat(9)));
    Engraving engraving = new Engraver().engrave(bars(2), PartPages.widthSpaces(Paper.A4));
    List<PartPages.Words> notes =
        PartPages.of(engraving, heading, Paper.A4).get(0).words().stream()
            .filter(w -> w.text().contains("reach") || w.text().contains("seldom"))
            .toList();
    assertThat(notes.size()).isGreaterThan(1);
    assertThat(notes).allMatch(w -> TextWidth.of(w.text(), w.sizeMm()) <= 180);
  }

  @Test
  void bracketsGoOnOverTheEndOfALineAndCautionsStandOverTheirNotes() {
    Annotations annotations =
        new Annotations(List.of(new Annotations.Bracket(2, 30, "3")), Set.of(5));
    Engraving engraving = new Engraver().engrave(bars(6), 50, annotations);
    long named =
        engraving.systems().stream()
            .filter(s -> s.marks().stream().anyMatch(m -> isText(m, "3", Mark.Role.POSITION)))
            .count();
    assertThat(named).isGreaterThan(1);
    Engraving.System first = engraving.systems().get(0);
    Mark.Text caution =
        (Mark.Text)
            first.marks().stream()
                .filter(m -> isText(m, "!", Mark.Role.CAUTION))
                .findFirst()
                .orElseThrow();
    Engraving.NotePlace note = first.placeOf(5).orElseThrow();
    assertThat(caution.x()).isBetween(note.x() - 0.5, note.x() + note.width());
    assertThat(caution.y()).isLessThan(0);
  }

  private static boolean isText(Mark mark, String text, Mark.Role role) {
    return mark instanceof Mark.Text t && t.text().equals(text) && t.role() == role;
  }
}
