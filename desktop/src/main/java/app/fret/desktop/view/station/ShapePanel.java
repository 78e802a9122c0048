package app.fret.desktop.view.station;

import app.fret.bow.stroke.Stroke;
import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.view.part.NoteWords;
import app.fret.desktop.view.part.Parts;
import app.fret.desktop.view.part.WayButton;
import app.fret.instrument.Instrument;
import app.fret.lefthand.LeftHandPlan.OtherWay;
import app.fret.lefthand.PinConflictException;
import app.fret.lefthand.hand.Stop;
import app.fret.shape.Character;
import app.fret.shape.Levels;
import app.fret.shape.Phrase;
import app.fret.study.AlongNote;
import app.fret.study.NoteShape;
import app.fret.study.OtherPeak;
import app.fret.study.Study;
import app.fret.study.WholeShape;
import app.fret.study.WhyPhrase;
import app.fret.vibrato.Vibrato;
import app.fret.vibrato.VibratoPlan;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/**
 * Says of the selected note how loud it is and how it vibrates; of its phrase where it leads; and
 * what long notes cannot vibrate as they are fingered.
 */
final class ShapePanel extends VBox {
  private final PassageDesk desk;
  private final VBox content = new VBox(5);

  /** Comes a moment after the rest, as each peak is planned for it. */
  private final VBox otherPeaks = new VBox(5);

  ShapePanel(PassageDesk desk) {
    this.desk = desk;
    setId("shape-panel");
    getStyleClass().add("why-panel");
    getChildren().add(Parts.scroll(content));
    desk.selection().noteProperty().addListener((property, before, now) -> show());
    desk.studyProperty().addListener((property, before, now) -> show());
    show();
  }

  private void show() {
    content.getChildren().clear();
    desk.selection()
        .note()
        .ifPresent(
            note -> {
              addNote(note);
              addPhrase(desk.study().levels().phraseOf(note), note);
            });
    Study study = desk.study();
    Optional<Phrase> phrase = desk.selection().note().map(study.levels()::phraseOf);
    desk.layOut(
        this,
        () -> {
          study.vibrato().conflicts().forEach(VibratoPlan.Conflict::mends);
          return Offers.of(study, phrase);
        },
        offers -> {
          if (study == desk.study()
              && phrase.equals(desk.selection().note().map(study.levels()::phraseOf))) {
            phrase.ifPresent(p -> addOtherPeaks(p, offers.peaks()));
            addShapes(offers.shapes());
            addConflicts();
          }
        });
  }

  /**
   * What is planned beside the passage as it is.
   *
   * @param peaks other ways for the phrase
   * @param shapes whole shapes, where the page has few marks
   */
  private record Offers(List<OtherPeak> peaks, List<WholeShape> shapes) {
    static Offers of(Study study, Optional<Phrase> phrase) {
      try {
        List<OtherPeak> peaks = phrase.isPresent() ? OtherPeak.of(study, phrase.get()) : List.of();
        return new Offers(peaks, WholeShape.hasFewMarks(study) ? WholeShape.of(study) : List.of());
      } catch (PinConflictException e) {
        throw new IllegalStateException("pins that were met are no longer", e);
      }
    }
  }

  private void addShapes(List<WholeShape> shapes) {
    if (shapes.size() < 2) {
      return;
    }
    content
        .getChildren()
        .addAll(
            Parts.heading("The whole page"),
            Parts.words("It has few marks; it could be shaped so:", "small"));
    for (WholeShape shape : shapes) {
      boolean isOn = shape.isInForce(desk.study());
      VBox words =
          new VBox(
              2,
              Parts.words(shape.idea().words() + (isOn ? ", as it is now" : ""), "why-title"),
              Parts.words(shape.idea().sentence(), "small"),
              Parts.words(isOn ? "" : "Then " + shape.bow() + ".", "small"));
      Button take =
          Parts.button(
              "shape-" + shape.idea().name().toLowerCase(Locale.ROOT).replace('_', '-'),
              "Take it",
              "outline-action",
              () -> desk.shape().take(shape));
      take.setFocusTraversable(false);
      take.setDisable(isOn);
      VBox card = new VBox(4, words, take);
      card.getStyleClass().add("trouble-card");
      content.getChildren().add(card);
    }
  }

  private void addOtherPeaks(Phrase phrase, List<OtherPeak> peaks) {
    otherPeaks.getChildren().clear();
    if (peaks.isEmpty()) {
      return;
    }
    otherPeaks.getChildren().add(WayButton.heading("Other ways for the peak"));
    NoteWords words = new NoteWords(desk.study());
    for (OtherPeak peak : peaks) {
      boolean isNote = peak.note().isPresent();
      int note = peak.note().orElse(phrase.firstNote());
      String what = isNote ? words.place(note) : "No peak, keep it level";
      Runnable take =
          isNote ? () -> desk.shape().setPeak(phrase, note) : () -> desk.shape().keepLevel(phrase);
      String id = isNote ? "peak-" + note : "keep-level";
      otherPeaks
          .getChildren()
          .add(new WayButton(id, Parts.label(what), peak.extraEffort(), what, take));
    }
  }

  private void addNote(int note) {
    Study study = desk.study();
    Levels levels = study.levels();
    NoteShape shape = NoteShape.of(study).get(note);
    String peak = levels.isPeak(note) ? ", the peak" : "";
    content
        .getChildren()
        .addAll(
            Parts.words(new NoteWords(study).place(note) + peak, "why-title"),
            Parts.fact(
                "level",
                String.format(
                    Locale.ROOT,
                    "%.1f proposed, %.1f printed",
                    levels.proposed(note),
                    levels.printed(note))),
            Parts.fact("vibrato", vibrato(study.vibrato().notes().get(note))),
            Parts.fact("sounds", sounds(shape)),
            Parts.fact("bow", bow(study, note)));
    AlongNote.of(study, note)
        .ifPresent(a -> content.getChildren().addAll(Parts.fact("along it", along(a))));
    if (shape.onItsString() != 0) {
      content
          .getChildren()
          .add(
              Parts.fact(
                  "on its string", String.format(Locale.ROOT, "%+.1f level", shape.onItsString())));
    }
    shape.accent().ifPresent(a -> content.getChildren().add(Parts.fact("accent", a.words())));
    study.vibrato().helps().stream()
        .filter(h -> h.note() == note)
        .forEach(h -> content.getChildren().add(Parts.words(h.text())));
  }

  /** What changes while a long note sounds. */
  private static String along(AlongNote along) {
    String speeds =
        along.points().stream()
            .map(p -> String.format(Locale.ROOT, "%.0f", p.speedCmPerSecond()))
            .collect(Collectors.joining(", "));
    String from = along.points().get(0).contact().words();
    String to = along.points().get(along.points().size() - 1).contact().words();
    return "bow at "
        + speeds
        + " cm/s, "
        + (from.equals(to) ? "contact stays: " + from : "contact from " + from + " to " + to);
  }

  private static String vibrato(Vibrato vibrato) {
    if (vibrato.need() == Vibrato.Need.NONE) {
      return "none";
    }
    return String.format(
        Locale.ROOT,
        "%s, %.0f to %.0f cents, %.1f a second%s",
        vibrato.need().id(),
        vibrato.widthCents(),
        vibrato.widthCentsAtEnd(),
        vibrato.rateHz(),
        vibrato.tail() ? ", on into the rest" : "");
  }

  private static String sounds(NoteShape shape) {
    return shape.soundingShare() > 0.99
        ? "all of its length"
        : String.format(Locale.ROOT, "%.0f %% of its length", 100 * shape.soundingShare());
  }

  private static String bow(Study study, int note) {
    Stroke stroke = study.bow().strokes().get(study.bow().strokeOf(note));
    double share = stroke.sharesCm().get(note - stroke.firstNote());
    return String.format(
        Locale.ROOT,
        "%.0f of the stroke's %.0f cm, %.0f cm/s",
        share,
        stroke.amountCm(),
        stroke.speedCmPerSecond());
  }

  private void addPhrase(Phrase phrase, int note) {
    NoteWords words = new NoteWords(desk.study());
    String leads =
        phrase.isLevel()
            ? "It is kept level."
            : "It leads to " + words.place(phrase.peak()) + why(phrase) + ".";
    content.getChildren().addAll(Parts.heading("The phrase"), Parts.words(leads));
    List<String> why = WhyPhrase.of(desk.study(), phrase);
    if (!why.isEmpty()) {
      content
          .getChildren()
          .add(
              Parts.words(
                  "It begins with "
                      + words.place(phrase.firstNote())
                      + ": "
                      + String.join(", ", why)
                      + ".",
                  "small"));
    }
    FlowPane actions = new FlowPane(6, 6);
    actions
        .getChildren()
        .add(action("peak-here", "Peak here (P)", () -> desk.shape().setPeak(phrase, note)));
    boolean begins = phrase.firstNote() == note;
    if (note > 0) {
      actions
          .getChildren()
          .add(
              action(
                  "begin-phrase",
                  begins ? "Join to the one before (B)" : "Phrase begins here (B)",
                  () -> desk.shape().setBorder(note, !begins)));
    }
    if (phrase.movedPeak().isPresent() || phrase.isLevel()) {
      actions
          .getChildren()
          .add(action("undo-moves", "As proposed", () -> desk.shape().undoMoves(phrase)));
    }
    otherPeaks.getChildren().clear();
    content.getChildren().addAll(actions, otherPeaks, new OwnMarksPart(desk, note));
    addCharacters(phrase);
  }

  private static String why(Phrase phrase) {
    return phrase.movedPeak().isPresent()
        ? ", where you moved it"
        : ", the highest or longest note under the strongest mark";
  }

  private void addCharacters(Phrase phrase) {
    FlowPane words = new FlowPane(6, 6);
    for (Character character : Character.values()) {
      boolean isOn = phrase.character().filter(c -> c == character).isPresent();
      Button button =
          Parts.button(
              "character-" + character.words(),
              character.words(),
              isOn ? "main-action" : "outline-action",
              () ->
                  desk.shape()
                      .setCharacter(phrase, isOn ? Optional.empty() : Optional.of(character)));
      button.setFocusTraversable(false);
      words.getChildren().add(button);
    }
    content.getChildren().addAll(Parts.heading("Its character"), words);
    phrase
        .character()
        .ifPresent(
            c ->
                content
                    .getChildren()
                    .add(Parts.words(String.join("; ", c.changes()) + ".", "small")));
  }

  private Button action(String id, String words, Runnable run) {
    Button button = Parts.button(id, words, "outline-action", run);
    button.setFocusTraversable(false);
    return button;
  }

  private void addConflicts() {
    List<VibratoPlan.Conflict> conflicts = desk.study().vibrato().conflicts();
    if (conflicts.isEmpty()) {
      return;
    }
    content.getChildren().add(Parts.heading("Long notes that cannot vibrate"));
    for (VibratoPlan.Conflict conflict : conflicts) {
      content.getChildren().add(card(conflict));
    }
  }

  private VBox card(VibratoPlan.Conflict conflict) {
    NoteWords words = new NoteWords(desk.study());
    Button there =
        Parts.button(
            "conflict-" + conflict.note(),
            words.place(conflict.note()),
            "trouble-title",
            () -> desk.select(conflict.note()));
    VBox card = new VBox(4, there, Parts.words(conflict.what(), "small"));
    card.getStyleClass().add("trouble-card");
    for (OtherWay way : conflict.mends()) {
      Stop top = way.stops().get(way.stops().size() - 1);
      String text =
          String.format(
              Locale.ROOT,
              "Take %s on string %s: +%.1f effort",
              top.finger().sign(),
              Instrument.numeral(top.string()),
              way.extraEffort());
      card.getChildren()
          .add(
              Parts.button(
                  "stop-" + conflict.note() + "-" + top.string() + "-" + top.finger().sign(),
                  text,
                  "link-action",
                  () -> desk.leftHand().pinWay(conflict.note(), way.placement())));
    }
    if (conflict.mends().isEmpty()) {
      card.getChildren().add(Parts.words("No finger can stop it: let the bow swell.", "small"));
    }
    return card;
  }
}
