package app.fret.files.practice;

import app.fret.engraving.Annotations;
import app.fret.engraving.Engraver;
import app.fret.engraving.Engraving;
import app.fret.engraving.Paper;
import app.fret.engraving.PartPages;
import app.fret.practice.Climb;
import app.fret.practice.drill.DrillKind;
import app.fret.practice.schedule.Blocks;
import app.fret.practice.schedule.Card;
import app.fret.practice.schedule.CardKind;
import app.fret.practice.schedule.CardWords;
import app.fret.practice.schedule.Day;
import app.fret.practice.schedule.Item;
import app.fret.practice.schedule.ItemOutlook;
import app.fret.practice.schedule.Schedule;
import app.fret.study.CardMusic;
import app.fret.study.MarkedPassage;
import app.fret.study.Study;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * A week of practice on paper: the cards of each day with a box to tick, the rungs of each passage
 * with a box for each clean pass, and the drills of the week engraved with fingers and bow.
 */
public final class WeekSheet {
  private static final int WEEK = 7;
  private static final double LARGE_MM = 4.2;
  private static final double TEXT_MM = 3.4;
  private static final double SMALL_MM = 2.9;
  private static final double TICK_MM = 3;
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.ENGLISH);

  private final Schedule schedule;
  private final Map<String, Study> studies;
  private final Paper paper;
  private final SheetPages pages;

  private WeekSheet(Schedule schedule, Map<String, Study> studies, Paper paper) {
    this.schedule = schedule;
    this.studies = studies;
    this.paper = paper;
    this.pages = new SheetPages(paper);
  }

  /**
   * The pages of the first seven days of a schedule.
   *
   * @param player whose week it is; may be empty
   * @param studies the passages by the name of their item; a drill of one that is missing here
   *     stands as words alone
   */
  public static List<PartPages.Page> pages(
      String player, Schedule schedule, Map<String, Study> studies, Paper paper) {
    WeekSheet sheet = new WeekSheet(schedule, studies, paper);
    sheet.lay(player);
    return sheet.pages.done();
  }

  /** What it is called. */
  public static String title(String player) {
    return player.isBlank() ? "Practice for a week" : "Practice for a week, " + player;
  }

  private List<Day> week() {
    List<Day> days = schedule.days();
    return days.subList(0, Math.min(WEEK, days.size()));
  }

  private void lay(String player) {
    pages.title(title(player));
    for (Day day : week()) {
      lay(day);
    }
    layNotes();
    layRungs();
    layDrills();
    pages.gap();
    pages.text(
        "Warm up first. Rest five minutes in every twenty-five. Stop at pain, and ask a teacher or"
            + " a clinician before going on.",
        SMALL_MM);
  }

  private void lay(Day day) {
    pages.gap();
    pages.heading(
        DAY.format(day.date())
            + (day.isOff() ? ", no practice" : ", " + day.minutes() + " minutes"),
        LARGE_MM);
    List<List<Card>> blocks = Blocks.of(day.cards());
    for (List<Card> block : blocks) {
      for (Card card : block) {
        pages.tick(CardWords.line(card), card.minutes() + " min", TEXT_MM, TICK_MM);
        pages.indented(CardWords.why(card), SMALL_MM);
      }
      if (block != blocks.get(blocks.size() - 1)) {
        pages.text(Blocks.restWords(), TEXT_MM);
      }
    }
    day.spare().ifPresent(w -> pages.text(w, SMALL_MM));
  }

  /** What teachers and juries said of the passages. */
  private void layNotes() {
    List<Item> noted =
        schedule.items().stream()
            .map(ItemOutlook::item)
            .filter(i -> !i.agreed().notes().isEmpty())
            .toList();
    if (noted.isEmpty()) {
      return;
    }
    pages.gap();
    pages.heading("Notes", LARGE_MM);
    for (Item item : noted) {
      item.agreed().notes().forEach(n -> pages.indented(item.title() + ": " + n, TEXT_MM));
    }
  }

  /** The rungs from the one that is worked on, each with a box for every clean pass it needs. */
  private void layRungs() {
    List<ItemOutlook> climbing =
        schedule.items().stream()
            .filter(i -> i.item().kind() == Item.Kind.PASSAGE)
            .filter(i -> !i.standing().climb().isDone())
            .toList();
    if (climbing.isEmpty()) {
      return;
    }
    pages.gap();
    pages.heading("Rungs to tick", LARGE_MM);
    for (ItemOutlook item : climbing) {
      Climb climb = item.standing().climb();
      pages.indented(item.item().title() + ", " + item.item().target().beat().name(), TEXT_MM);
      List<String> rungs =
          climb.ladder().rungs().subList(climb.rung(), climb.ladder().rungs().size()).stream()
              .map(r -> String.format(Locale.ROOT, "%.1f", r).replace(".0", ""))
              .toList();
      pages.boxes(rungs, climb.gate().cleanNeeded(), TEXT_MM, TICK_MM);
    }
  }

  /** Every drill of the week once, with how it is played and its music. */
  private void layDrills() {
    Set<List<Object>> known = new HashSet<>();
    List<Card> drills = new ArrayList<>();
    for (Day day : week()) {
      for (Card card : day.cards()) {
        boolean isDrill =
            card.kind() == CardKind.DRILL
                || card.kind() == CardKind.RHYTHM
                || card.kind() == CardKind.WHOLE_CLIMB;
        if (isDrill && known.add(List.of(card.kind(), card.item(), card.drill(), card.spot()))) {
          drills.add(card);
        }
      }
    }
    if (drills.isEmpty()) {
      return;
    }
    pages.gap();
    pages.heading("Drills of the week", LARGE_MM);
    // Each drill is planned like a passage, all of them side by side.
    List<Optional<Engraving>> music = drills.parallelStream().map(this::music).toList();
    for (int i = 0; i < drills.size(); i++) {
      layDrill(drills.get(i), music.get(i));
    }
  }

  private Optional<Engraving> music(Card card) {
    String item = card.item().orElseThrow().id();
    return Optional.ofNullable(studies.get(item)).map(s -> music(s, card));
  }

  private void layDrill(Card card, Optional<Engraving> music) {
    String head = CardWords.line(card);
    pages.keepTogether(music.map(m -> m.systems().get(0)));
    pages.heading(head, TEXT_MM);
    card.drill()
        .flatMap(DrillKind::ofId)
        .ifPresent(kind -> kind.steps().forEach(step -> pages.text(step, SMALL_MM)));
    CardWords.until(card).ifPresent(w -> pages.text(w + ".", SMALL_MM));
    music.ifPresentOrElse(
        m -> m.systems().forEach(pages::music),
        () -> pages.text("Its music cannot be read; see the passage in Fret.", SMALL_MM));
  }

  private Engraving music(Study study, Card card) {
    Study drill = CardMusic.of(study, card, CardWords.tempo(card).orElseThrow()).study();
    return new Engraver()
        .engrave(MarkedPassage.of(drill), PartPages.widthSpaces(paper), Annotations.NONE);
  }
}
