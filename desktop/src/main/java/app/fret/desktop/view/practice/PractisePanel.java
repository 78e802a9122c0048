package app.fret.desktop.view.practice;

import app.fret.book.LogEntry;
import app.fret.desktop.model.passage.MissWords;
import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.model.practice.DayView;
import app.fret.desktop.model.practice.PracticeDay;
import app.fret.desktop.model.work.Words;
import app.fret.desktop.view.part.Parts;
import app.fret.desktop.view.part.StateStyle;
import app.fret.practice.Climb;
import app.fret.practice.programme.DayTask;
import app.fret.practice.schedule.Card;
import app.fret.practice.schedule.CardWords;
import app.fret.practice.schedule.Day;
import app.fret.practice.schedule.Item;
import app.fret.practice.schedule.ItemOutlook;
import app.fret.practice.schedule.Learner;
import app.fret.practice.schedule.Learner.Stance;
import app.fret.practice.schedule.Offer;
import app.fret.reading.PlayedNote;
import app.fret.score.Span;
import app.fret.score.Tempo;
import app.fret.study.Study;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.collections.ListChangeListener;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Why this card, how everything stands, what could give, and how to practise without harm. */
public final class PractisePanel extends VBox {
  private static final int WEEK = 7;
  private static final int NEWEST = 5;
  private static final int STEP_MINUTES = 15;
  private static final int LEAST_MINUTES = 15;
  private static final int MOST_MINUTES = 240;
  private static final DateTimeFormatter WEEKDAY =
      DateTimeFormatter.ofPattern("EEE", Locale.ENGLISH);
  private static final DateTimeFormatter DATE =
      DateTimeFormatter.ofPattern("d MMMM", Locale.ENGLISH);

  private final PassageDesk desk;
  private final VBox content = new VBox(6);
  private final DrillsHere drillsHere;

  /** Beside the open card. */
  public PractisePanel(PassageDesk desk) {
    this.desk = desk;
    this.drillsHere = new DrillsHere(desk);
    setId("practise-panel");
    getStyleClass().add("why-panel");
    content.setPadding(new Insets(0, 14, 0, 0));
    getChildren().add(Parts.scroll(content));
    Parts.followPractice(this, desk, this::show);
    Parts.whileShown(this, desk.selection().noteProperty(), this::show);
    desk.passes().entries().addListener((ListChangeListener<LogEntry>) change -> show());
    show();
  }

  private void show() {
    content.getChildren().clear();
    Optional<DayView> seen = desk.day().flatMap(d -> d.seenProperty().get());
    Optional<Card> card = desk.day().flatMap(PracticeDay::openTask).map(DayTask::card);
    if (card.isPresent()) {
      addWhy(card.get());
    } else {
      addRung();
    }
    seen.ifPresent(this::addReadiness);
    content.getChildren().add(new CareBox(desk));
    seen.ifPresent(this::addOffers);
    seen.ifPresent(this::addWeek);
    seen.ifPresent(this::addNotes);
    addTempos();
    content.getChildren().add(drillsHere);
    addChunks();
    addNewest();
  }

  /** What a teacher or a jury said of the open passage. */
  private void addNotes(DayView seen) {
    List<String> notes =
        seen.outlook(desk.opened().entry().id())
            .map(o -> o.item().agreed().notes())
            .orElse(List.of());
    if (!notes.isEmpty()) {
      content.getChildren().add(Parts.heading("Notes"));
      notes.forEach(n -> content.getChildren().add(Parts.words(Words.sentence(n), "small")));
    }
  }

  /** The chunks, and what can be done to their borders at the selected note. */
  private void addChunks() {
    Study study = desk.study();
    List<Span> chunks = study.chunks();
    boolean isOwn = !desk.practise().choices().chunkStarts().isEmpty();
    content
        .getChildren()
        .addAll(
            Parts.heading("Chunks"),
            Parts.words(
                (isOwn ? "Cut by you: " : "Proposed, each with one problem: ")
                    + chunks.stream().map(this::barsOf).collect(Collectors.joining("; "))));
    Optional<Integer> note = desk.selection().note();
    if (note.isPresent()) {
      boolean starts = chunks.stream().anyMatch(c -> c.first() == note.get());
      String words =
          (starts ? "Join to the chunk before, at " : "Start a chunk at ") + place(note.get());
      take("switch-chunk", words, () -> desk.practise().switchChunkAt(note.get()))
          .ifPresent(content.getChildren()::add);
    }
    if (isOwn) {
      take("propose-chunks", "Go back to the proposed chunks", desk.practise()::proposeChunks)
          .ifPresent(content.getChildren()::add);
    }
  }

  private String place(int note) {
    PlayedNote played = desk.study().notes().get(note);
    return "bar " + label(note) + ", note " + played.indexInBar();
  }

  private String label(int note) {
    Study study = desk.study();
    return study.passage().bars().get(study.notes().get(note).bar()).label();
  }

  private String barsOf(Span chunk) {
    String first = label(chunk.first());
    String last = label(chunk.last());
    return first.equals(last) ? first : first + "\u2013" + last;
  }

  /** The newest passes, with what was noted on them. */
  private void addNewest() {
    List<LogEntry> entries = desk.passes().entries();
    if (entries.isEmpty()) {
      return;
    }
    content.getChildren().add(Parts.heading("Newest passes"));
    for (int i = entries.size() - 1; i >= Math.max(0, entries.size() - NEWEST); i--) {
      LogEntry entry = entries.get(i);
      String words =
          Words.tempo(entry.tempo())
              + resultWords(entry)
              + (entry.played().spotLeftOut() ? ", a spot left out" : "")
              + entry.played().words().map(w -> ": " + w).orElse("");
      content.getChildren().add(Parts.words(words, "small"));
    }
  }

  private static String resultWords(LogEntry entry) {
    LogEntry.Played played = entry.played();
    String place = played.spot().map(s -> " " + MissWords.place(s)).orElse("");
    if (played.hurts()) {
      return ", it hurt" + place;
    }
    if (entry.clean()) {
      return ", clean" + place;
    }
    return played.misses().isEmpty()
        ? ", missed" + place
        : ", missed: " + MissWords.list(played.misses());
  }

  private void addWhy(Card card) {
    content.getChildren().add(Parts.words("Why this card today", "why-title"));
    String what = CardWords.title(card) + card.item().map(i -> ", " + i.title()).orElse("");
    content
        .getChildren()
        .addAll(Parts.words(what, "quiet"), Parts.words(Words.sentence(card.reason())));
    card.spot()
        .filter(s -> s.isCapped())
        .ifPresent(
            s ->
                content
                    .getChildren()
                    .add(
                        Parts.words(
                            "It stretches the hand: at most 5 times in a row and 20 a day, in"
                                + " whatever form. At the cap go on without the spot.",
                            "quiet")));
  }

  private void addRung() {
    Climb climb = desk.passes().climbProperty().get();
    content.getChildren().add(Parts.words("Why this rung", "why-title"));
    String why =
        climb.isDone()
            ? "The target itself is clean three times in a row."
            : climb.rung() == 0
                ? "It is the first rung: slow enough that every note can be right."
                : "Every rung below is passed: "
                    + Words.number(climb.ladder().rungs().get(climb.rung() - 1))
                    + " was clean three times in a row.";
    content.getChildren().add(Parts.words(why));
  }

  private void addReadiness(DayView seen) {
    content.getChildren().add(Parts.heading("Readiness"));
    for (ItemOutlook item : seen.schedule().items()) {
      if (!item.item().isPassage()) {
        continue;
      }
      Label title = Parts.label(item.item().title());
      Label state = Parts.label(item.words(), StateStyle.of(item.state()));
      state.setMinWidth(USE_PREF_SIZE);
      title.setMinWidth(0);
      HBox line = new HBox(8, title, Parts.stretch(), state);
      line.setAlignment(Pos.BASELINE_LEFT);
      content.getChildren().add(line);
      item.warning().ifPresent(w -> content.getChildren().add(Parts.words(w, "small")));
      // What hurt in the open passage stands under Care.
      item.care()
          .filter(w -> !isOpen(item.item()))
          .ifPresent(w -> content.getChildren().add(Parts.words(w, "small")));
    }
    seen.leftOut().forEach(w -> content.getChildren().add(Parts.words(w, "trouble")));
  }

  private boolean isOpen(Item item) {
    return item.id().equals(String.valueOf(desk.opened().entry().id()));
  }

  private void addOffers(DayView seen) {
    List<Offer> offers = seen.schedule().offers();
    if (offers.isEmpty()) {
      return;
    }
    content.getChildren().add(Parts.heading("If the days run short"));
    for (Offer offer : offers) {
      content.getChildren().add(Parts.words(offer.text()));
      taking(offer, seen.learner()).ifPresent(content.getChildren()::add);
    }
  }

  /** The button that takes an offer; a passage is left out in the programme, not here. */
  private Optional<Button> taking(Offer offer, Learner learner) {
    return switch (offer.kind()) {
      case MINUTES -> {
        int minutes = (int) offer.figure();
        yield take(
            "take-minutes-" + minutes,
            "Practise " + minutes + " minutes a day",
            () -> practise(learner, minutes));
      }
      case STANCE -> {
        boolean even = learner.stance() == Stance.EVEN;
        Stance other = even ? Stance.AS_MANY_READY_AS_POSSIBLE : Stance.EVEN;
        yield take(
            "take-stance",
            even ? "Share the minutes equally" : "Keep the weakest highest",
            () -> desk.day().ifPresent(d -> d.practise(learner.with(other))));
      }
      case TEMPO -> offer.item().filter(this::isOpen).flatMap(i -> takeTempo(i, offer.figure()));
      case PASSAGES -> Optional.empty();
    };
  }

  private Optional<Button> takeTempo(Item item, double share) {
    Tempo tempo = item.target().at(Math.floor(share * item.target().perMinute()));
    return take(
        "take-tempo",
        "Accept " + Words.tempo(tempo),
        () -> desk.setTempo(desk.tempo().withTarget(tempo), "Tempo " + Words.tempo(tempo)));
  }

  private static Optional<Button> take(String id, String words, Runnable action) {
    Button button = Parts.button(id, words, "link-action", action);
    button.setFocusTraversable(false);
    return Optional.of(button);
  }

  private void practise(Learner learner, int minutes) {
    desk.day().ifPresent(d -> d.practise(learner.withMinutes(minutes)));
  }

  private void addWeek(DayView seen) {
    content.getChildren().add(Parts.heading("This week"));
    HBox days = new HBox(6);
    int sum = 0;
    for (Day day :
        seen.schedule().days().subList(0, Math.min(WEEK, seen.schedule().days().size()))) {
      boolean isToday = day.date().equals(desk.today());
      int minutes = isToday ? seen.minutes() : day.minutes();
      sum += minutes;
      VBox column =
          new VBox(
              Parts.label(WEEKDAY.format(day.date()), "small"),
              Parts.label(day.isOff() ? "off" : String.valueOf(minutes)));
      column.setAlignment(Pos.CENTER);
      column.setMinWidth(32);
      days.getChildren().add(column);
    }
    content.getChildren().addAll(days, Parts.words(sum + " minutes in seven days", "small"));
    int now = seen.learner().minutesPerDay();
    HBox change =
        new HBox(
            8,
            step(
                "fewer-minutes",
                "\u2212 15",
                seen.learner(),
                Math.max(LEAST_MINUTES, now - STEP_MINUTES)),
            Parts.label(now + " minutes a day"),
            step(
                "more-minutes",
                "+ 15",
                seen.learner(),
                Math.min(MOST_MINUTES, now + STEP_MINUTES)));
    change.setAlignment(Pos.CENTER_LEFT);
    content.getChildren().add(change);
    seen.schedule().days().stream()
        .filter(d -> d.date().equals(desk.today()))
        .flatMap(d -> d.spare().stream())
        .forEach(words -> content.getChildren().add(Parts.words(words)));
  }

  private Button step(String id, String words, Learner learner, int minutes) {
    Button button = Parts.button(id, words, "outline-action", () -> practise(learner, minutes));
    button.setFocusTraversable(false);
    return button;
  }

  private void addTempos() {
    Study study = desk.study();
    Climb climb = desk.passes().climbProperty().get();
    content
        .getChildren()
        .addAll(
            Parts.heading("Tempos"),
            Parts.fact("target", Words.tempo(study.choices().target())),
            Parts.fact(
                study.choices().tempo().occasion().id(),
                Words.tempo(study.practice().audition())
                    + (study.choices().tempo().isStepBelow() ? ", one metronome step below" : "")),
            Parts.fact("first rung", Words.tempo(climb.ladder().tempo(0))));
    desk.day()
        .flatMap(d -> d.seenProperty().get())
        .flatMap(s -> s.outlook(desk.opened().entry().id()))
        .flatMap(ItemOutlook::readyBy)
        .ifPresent(d -> content.getChildren().add(Parts.fact("ready by", DATE.format(d))));
  }
}
