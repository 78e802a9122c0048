package app.fret.desktop.view.station;

import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.model.work.Words;
import app.fret.desktop.view.part.Parts;
import app.fret.edit.LongBars;
import app.fret.practice.Counting;
import app.fret.reading.Glossary;
import app.fret.reading.Others;
import app.fret.reading.PlayedNote;
import app.fret.score.Bar;
import app.fret.score.Passage;
import app.fret.score.PlayOrder;
import app.fret.score.Tempo;
import app.fret.score.WrittenPitch;
import app.fret.study.Study;
import app.fret.study.WordsDone;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import org.apache.commons.numbers.fraction.Fraction;

/** Says what stands on the page: key, metre, range, pace, and what the reader passed over. */
final class ReadPanel extends VBox {
  private static final Map<String, Fraction> RUNNING = running();

  private final VBox content = new VBox(6);

  ReadPanel(PassageDesk desk) {
    setId("read-panel");
    getStyleClass().add("why-panel");
    ScrollPane scroll = Parts.scroll(content);
    getChildren().add(scroll);
    TrapList traps = new TrapList(desk);
    desk.studyProperty()
        .addListener(
            (property, before, now) -> {
              if (!now.passage().equals(before.passage())) {
                fill(desk, traps);
              }
            });
    fill(desk, traps);
  }

  private static Map<String, Fraction> running() {
    Map<String, Fraction> values = new LinkedHashMap<>();
    values.put("4ths", Fraction.of(1, 4));
    values.put("8ths", Fraction.of(1, 8));
    values.put("triplets", Fraction.of(1, 12));
    values.put("16ths", Fraction.of(1, 16));
    return values;
  }

  private void fill(PassageDesk desk, TrapList traps) {
    content.getChildren().setAll(traps);
    addLongBars(desk);
    addWords(desk.study());
    addPage(desk.study());
    addPace(desk.study());
    addOthers(desk);
    addSource(desk);
  }

  /** Bars that hold more than their metre stay as they are, or are mended by a click. */
  private void addLongBars(PassageDesk desk) {
    List<Bar> bars = desk.study().passage().bars();
    List<Integer> tooLong =
        IntStream.range(0, bars.size()).filter(i -> bars.get(i).isOverlong()).boxed().toList();
    if (tooLong.isEmpty()) {
      return;
    }
    content.getChildren().add(Parts.heading("Bars longer than their metre"));
    for (int bar : tooLong) {
      Bar each = bars.get(bar);
      content
          .getChildren()
          .add(
              Parts.words(
                  "Bar "
                      + each.label()
                      + " holds "
                      + each.sum()
                      + " in "
                      + Words.metre(each.metre())
                      + ". It is planned as it stands."));
      FlowPane mends = new FlowPane(8, 4);
      for (LongBars mend : LongBars.values()) {
        mends
            .getChildren()
            .add(
                Parts.button(
                    "long-bar-" + bar + "-" + mend.name().toLowerCase(Locale.ROOT),
                    mend.words(),
                    "link-action",
                    () -> desk.read().mend(bar, mend)));
      }
      content.getChildren().add(mends);
    }
  }

  /** Words of performance, each once, with what they mean. */
  private void addWords(Study study) {
    Map<String, String> meanings = new LinkedHashMap<>();
    for (Glossary.Found word : Glossary.of(study.passage().directions().words())) {
      word.entry()
          .filter(e -> !e.actsOn().equals("degree"))
          .ifPresent(e -> meanings.putIfAbsent(word.text(), e.meaning()));
      for (String did : WordsDone.of(study, word.onset(), word.text())) {
        meanings.merge(word.text(), "Planned: " + did, (before, now) -> before + ". " + now);
      }
    }
    if (!meanings.isEmpty()) {
      content.getChildren().add(Parts.heading("Words"));
      meanings.forEach((word, meaning) -> content.getChildren().add(Parts.fact(word, meaning)));
    }
  }

  private void addPage(Study study) {
    Passage passage = study.passage();
    content
        .getChildren()
        .addAll(
            Parts.heading("On the page"),
            Parts.fact("key", keys(passage)),
            Parts.fact("metre", metres(passage)),
            Parts.fact("tempo mark", tempo(passage)),
            Parts.fact("range", range(study.notes())),
            Parts.fact(
                "length",
                Words.count(passage.bars().size(), "bar", "bars")
                    + ", "
                    + Words.count(study.notes().size(), "note", "notes")));
  }

  private static String keys(Passage passage) {
    return passage.bars().stream()
        .map(Bar::key)
        .distinct()
        .map(k -> Words.key(k.fifths()))
        .collect(Collectors.joining(", then "));
  }

  private static String metres(Passage passage) {
    return passage.bars().stream()
        .map(Bar::metre)
        .distinct()
        .map(Words::metre)
        .collect(Collectors.joining(", "));
  }

  private static String tempo(Passage passage) {
    return passage.printedTempo().map(Words::tempo).orElse("none printed");
  }

  private static String range(List<PlayedNote> notes) {
    List<WrittenPitch> pitches =
        notes.stream()
            .flatMap(n -> n.notes().stream())
            .map(n -> n.written())
            .sorted(Comparator.naturalOrder())
            .toList();
    return pitches.isEmpty()
        ? "silent"
        : pitches.get(0).display() + " to " + pitches.get(pitches.size() - 1).display();
  }

  private void addPace(Study study) {
    double shortest =
        study.notes().stream()
            .filter(n -> !n.isGrace())
            .mapToDouble(n -> study.choices().target().seconds(n.length()))
            .min()
            .orElse(1);
    double seconds = PlayOrder.seconds(study.passage(), study.brief().tempos());
    content
        .getChildren()
        .addAll(
            Parts.heading("At the target tempo"),
            Parts.fact("once through", Words.seconds(seconds)),
            Parts.fact("fastest", String.format(Locale.ROOT, "%.1f notes a second", 1 / shortest)));
    Tempo first = study.practice().ladder().tempo(0);
    content
        .getChildren()
        .add(
            Parts.fact(
                "first rung", Words.tempo(first) + ", count " + Words.tempo(Counting.at(first))));
  }

  /** What the others run on, from their parts or typed in for the selected bars. */
  private void addOthers(PassageDesk desk) {
    content.getChildren().add(Parts.heading("What the others run on"));
    Others others = desk.study().others();
    for (Others.Cue cue : others.cues()) {
      String bar = desk.study().passage().bars().get(cue.bar()).label();
      content.getChildren().add(Parts.words("Bar " + bar + ": " + cue.text() + "."));
    }
    HBox values = new HBox(6);
    RUNNING.forEach(
        (words, value) ->
            values
                .getChildren()
                .add(
                    Parts.button(
                        "running-" + words,
                        words,
                        "link-action",
                        () -> desk.read().setRunning(Optional.of(value)))));
    values
        .getChildren()
        .add(
            Parts.button(
                "running-none",
                "none",
                "link-action",
                () -> desk.read().setRunning(Optional.empty())));
    content.getChildren().addAll(Parts.words("In the selected bars they run on", "small"), values);
  }

  private void addSource(PassageDesk desk) {
    content
        .getChildren()
        .addAll(
            Parts.heading("Where it comes from"),
            Parts.fact("file", desk.opened().entry().fileName()),
            Parts.fact("part", desk.opened().passage().partName()));
    if (desk.isMended()) {
      content
          .getChildren()
          .addAll(
              Parts.words(
                  "The notes were mended here; the file is kept as it was imported. Ctrl+E shows both."),
              Parts.button(
                  "as-imported",
                  "Back to the notes as imported",
                  "outline-action",
                  desk::asImported));
    }
    List<String> skipped = desk.opened().skipped();
    content.getChildren().add(Parts.heading("Left out, or read otherwise"));
    if (skipped.isEmpty()) {
      content.getChildren().add(Parts.words("Nothing: every sign of the part is taken over."));
    }
    skipped.forEach(s -> content.getChildren().add(Parts.words(s)));
    desk.opened().layout().ifPresent(l -> content.getChildren().add(Parts.words(l, "quiet")));
    if (!desk.opened().remarks().isEmpty()) {
      content.getChildren().add(Parts.heading("Kept in the book, but not in force"));
      desk.opened().remarks().forEach(r -> content.getChildren().add(Parts.words(r)));
    }
  }
}
