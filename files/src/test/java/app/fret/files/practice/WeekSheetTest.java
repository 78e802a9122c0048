package app.fret.files.practice;

import static org.assertj.core.api.Assertions.assertThat;

import app.fret.engraving.Mark;
import app.fret.engraving.Paper;
import app.fret.engraving.PartPages;
import app.fret.files.pdf.PdfPart;
import app.fret.instrument.Instruments;
import app.fret.instrument.Player;
import app.fret.practice.schedule.Card;
import app.fret.practice.schedule.Item;
import app.fret.practice.schedule.Learner;
import app.fret.practice.schedule.Learner.Stance;
import app.fret.practice.schedule.Schedule;
import app.fret.score.BeatUnit;
import app.fret.score.Tempo;
import app.fret.study.Choices;
import app.fret.study.ProgrammeItem;
import app.fret.study.Study;
import app.fret.testing.Music;
import java.io.ByteArrayOutputStream;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A week of practice on paper. */
class WeekSheetTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 26);

  private Study study;
  private Schedule schedule;

  @BeforeEach
  void plan() throws Exception {
    study =
        Study.of(
            Music.passage(
                "A4/16 B4/16 C5/16 D5/16 E5/16 F5/16 G5/16 A5/16 B5/16 C6/16 D6/16 E6/16 D6/4"
                    + " | F5/4 D5/4 B4/4 G4/4 | E6/1"),
            Player.of("Oda Merrin", Instruments.named("violin")),
            Choices.at(new Tempo(BeatUnit.QUARTER, 96)));
    Item item = ProgrammeItem.of("a", "Grey Ferry", study, Optional.of(TODAY.plusDays(60)));
    Learner learner = new Learner(40, Set.of(DayOfWeek.SUNDAY), 2, Stance.EVEN);
    schedule = Schedule.of(learner, List.of(item), List.of(), TODAY, 10, 3);
  }

  private List<PartPages.Page> pages(Map<String, Study> studies) {
    return WeekSheet.pages("Oda Merrin", schedule, studies, Paper.A4);
  }

  private static String text(List<PartPages.Page> pages) throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    PdfPart.write(pages, "Week", Paper.A4, out);
    try (PDDocument document = Loader.loadPDF(out.toByteArray())) {
      assertThat(document.getNumberOfPages()).isEqualTo(pages.size());
      return new PDFTextStripper().getText(document);
    }
  }

  @Test
  void everyDayOfTheWeekAndEveryCardStandThere() throws Exception {
    String text = text(pages(Map.of("a", study)));
    assertThat(text)
        .contains("Practice for a week, Oda Merrin")
        .contains("Thursday 26 November")
        .contains("Sunday 29 November, no practice")
        .contains("Wednesday 2 December")
        .doesNotContain("Thursday 3 December")
        .contains("teacher or a clinician");
    List<Card> cards =
        schedule.days().subList(0, 7).stream().flatMap(d -> d.cards().stream()).toList();
    assertThat(cards).isNotEmpty();
    for (Card card : cards) {
      assertThat(text).contains(card.reason().substring(1, Math.min(20, card.reason().length())));
    }
  }

  @Test
  void thereIsABoxForEveryCardAndForEveryCleanPassOfTheRungsLeft() {
    List<PartPages.Page> pages = pages(Map.of("a", study));
    long cards = schedule.days().subList(0, 7).stream().mapToLong(d -> d.cards().size()).sum();
    int rungs = study.practice().ladder().rungs().size();
    long lines =
        pages.stream()
            .flatMap(p -> p.lines().stream())
            .filter(l -> l.system().bars().isEmpty())
            .flatMap(l -> l.system().marks().stream())
            .filter(Mark.Line.class::isInstance)
            .count();
    assertThat(lines).isEqualTo(4 * (cards + 3L * rungs));
  }

  @Test
  void theDrillsAreEngravedOnceEach() throws Exception {
    List<PartPages.Page> pages = pages(Map.of("a", study));
    assertThat(text(pages)).contains("Drills of the week");
    long music =
        pages.stream()
            .flatMap(p -> p.lines().stream())
            .filter(l -> !l.system().bars().isEmpty())
            .count();
    assertThat(music).isPositive();
    assertThat(pages)
        .allSatisfy(
            p ->
                assertThat(p.words())
                    .allMatch(w -> w.yMm() <= Paper.A4.heightMm() - PartPages.STAFF_SPACE_MM));
  }

  @Test
  void aDrillWhoseMusicIsMissingSaysSo() throws Exception {
    assertThat(text(pages(Map.of()))).contains("Its music cannot be read");
  }
}
