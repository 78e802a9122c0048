package app.fret.desktop.music;

import app.fret.desktop.music.ink.Fonts;
import app.fret.desktop.music.ink.Palette;
import app.fret.instrument.HandFrame;
import app.fret.instrument.Instrument;
import app.fret.instrument.StringGeometry;
import app.fret.lefthand.LeftHandPlan.NotePlan;
import app.fret.lefthand.Shift;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Stop;
import app.fret.score.Finger;
import app.fret.study.Study;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import javafx.scene.paint.Color;
import javafx.scene.shape.ArcType;
import javafx.scene.text.Text;
import javafx.scene.text.TextAlignment;

/**
 * The fingerboard to scale: strings from the nut, half string and nodes, position names, the notes
 * of the passage as dots, the hand at the selected note and the way it came.
 */
public final class FingerboardView extends Region {
  private static final double HEIGHT = 156;
  private static final double LEFT = 74;
  private static final double RIGHT = 26;
  private static final double TOP = 42;
  private static final double ROW = 22;
  private static final double FINGER = 9;
  private static final double DOT = 3.5;
  private static final double CLEAR = 12;
  private static final int LEAST_SEMITONES = 12;
  private static final int BEYOND_SEMITONES = 2;

  private final Canvas canvas = new Canvas();
  private final ObjectProperty<Optional<Study>> study =
      new SimpleObjectProperty<>(this, "study", Optional.empty());
  private final ObjectProperty<Optional<Integer>> selectedNote =
      new SimpleObjectProperty<>(this, "selectedNote", Optional.empty());

  /** An empty fingerboard. */
  public FingerboardView() {
    setId("fingerboard");
    setMinHeight(HEIGHT);
    setPrefHeight(HEIGHT);
    setMaxHeight(HEIGHT);
    setAccessibleRole(AccessibleRole.IMAGE_VIEW);
    getChildren().add(canvas);
    study.addListener((property, before, now) -> paint());
    selectedNote.addListener((property, before, now) -> paint());
  }

  /** The study to show; empty for none. */
  public ObjectProperty<Optional<Study>> studyProperty() {
    return study;
  }

  /** Number of the note at which the hand is shown; empty for none. */
  public ObjectProperty<Optional<Integer>> selectedNoteProperty() {
    return selectedNote;
  }

  @Override
  protected void layoutChildren() {
    if (canvas.getWidth() != getWidth() || canvas.getHeight() != getHeight()) {
      canvas.setWidth(getWidth());
      canvas.setHeight(getHeight());
      paint();
    }
  }

  private void paint() {
    GraphicsContext graphics = canvas.getGraphicsContext2D();
    graphics.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
    boolean something = study.get().isPresent() && selectedNote.get().isPresent();
    if (something && canvas.getWidth() > LEFT + RIGHT) {
      Study shown = study.get().get();
      NotePlan note = shown.leftHand().notes().get(selectedNote.get().get());
      new Drawing(graphics, shown, note).paint();
      setAccessibleText(caption(shown, note));
    }
  }

  /** What the hand spans at this note, in words. */
  static String caption(Study study, NotePlan note) {
    Instrument instrument = study.player().instrument();
    Placement placement = note.placement();
    String length =
        String.format(Locale.ROOT, "string length %.0f mm", instrument.stringLengthMm());
    if (!placement.usesHand()) {
      return length + " · no finger down";
    }
    return String.format(
        Locale.ROOT,
        "%s · fingers over %.0f mm, %.0f mm from 1 to 4 is at ease",
        length,
        placement.openMm(instrument.geometry()),
        study.player().hand().comfortableMm());
  }

  /** One painting; its fields live as long. */
  private final class Drawing {
    private final GraphicsContext graphics;
    private final Study shown;
    private final NotePlan note;
    private final Instrument instrument;
    private final StringGeometry geometry;
    private final int lowest;
    private final double pixelsPerMm;

    /** Left end of the node names so far, which are written from the right. */
    private double namedFrom = Double.POSITIVE_INFINITY;

    Drawing(GraphicsContext graphics, Study shown, NotePlan note) {
      this.graphics = graphics;
      this.shown = shown;
      this.note = note;
      this.instrument = shown.player().instrument();
      this.geometry = instrument.geometry();
      int least = 0;
      for (int string = 1; string <= instrument.stringCount(); string++) {
        least = Math.min(least, instrument.lowestSemitone(string));
      }
      this.lowest = least;
      double mm = geometry.spanMm(lowest, highest());
      this.pixelsPerMm = (canvas.getWidth() - LEFT - RIGHT) / mm;
    }

    private int highest() {
      int highest = LEAST_SEMITONES;
      for (NotePlan plan : shown.leftHand().notes()) {
        for (Stop stop : plan.placement().stops()) {
          highest = Math.max(highest, stop.place());
        }
      }
      return Math.min(highest + BEYOND_SEMITONES, instrument.highestSemitone());
    }

    private double x(double semitone) {
      return LEFT + (geometry.fromNutMm(semitone) - geometry.fromNutMm(lowest)) * pixelsPerMm;
    }

    private double y(int string) {
      return TOP + (string - 0.5) * ROW;
    }

    private double bottom() {
      return TOP + instrument.stringCount() * ROW;
    }

    void paint() {
      paintCaption();
      paintBoard();
      paintLandmarks();
      paintPositions();
      paintFrame();
      paintStrings();
      paintNotes();
      paintShift();
      paintFingers();
    }

    private void paintCaption() {
      write("Fingerboard to scale", 20, 11, TextAlignment.LEFT, Palette.INK, true);
      write(
          caption(shown, note),
          canvas.getWidth() - 20,
          11,
          TextAlignment.RIGHT,
          Palette.QUIET,
          false);
    }

    private void write(
        String text, double x, double y, TextAlignment alignment, Color colour, boolean strong) {
      graphics.setFont(strong ? Fonts.semiBold(13) : Fonts.regular(12));
      graphics.setFill(colour);
      graphics.setTextAlign(alignment);
      graphics.setTextBaseline(VPos.CENTER);
      graphics.fillText(text, x, y);
    }

    private void paintBoard() {
      graphics.setFill(Palette.BOARD);
      double end = canvas.getWidth() - RIGHT;
      graphics.fillRect(x(0), TOP - 2, end - x(0), bottom() - TOP + 4);
      graphics.setFill(Palette.INK);
      graphics.fillRect(x(0) - 3, TOP - 4, 4, bottom() - TOP + 8);
    }

    private void paintLandmarks() {
      node(12, "half string", true);
      node(12 * Math.log(1.5) / Math.log(2), "third of the string", false);
      node(12 * Math.log(4.0 / 3) / Math.log(2), "quarter", false);
    }

    private void node(double semitone, String words, boolean strong) {
      if (x(semitone) > canvas.getWidth() - RIGHT) {
        return;
      }
      graphics.setStroke(strong ? Palette.ACCENT : Palette.QUIET);
      graphics.setLineWidth(strong ? 2 : 1);
      graphics.setLineDashes(strong ? 0 : 3);
      graphics.strokeLine(x(semitone), TOP - 4, x(semitone), bottom() + 4);
      graphics.setLineDashes();
      graphics.setFont(Fonts.regular(11));
      graphics.setFill(strong ? Palette.ACCENT : Palette.QUIET);
      graphics.setTextAlign(TextAlignment.CENTER);
      double half = widthOf(words) / 2 + 4;
      if (x(semitone) + half < namedFrom) {
        graphics.fillText(words, x(semitone), TOP - 9);
        namedFrom = x(semitone) - half;
      }
    }

    /** Names under the board where the first finger stands, as many as fit. */
    private void paintPositions() {
      write("position", LEFT - 8, bottom() + 13, TextAlignment.RIGHT, Palette.QUIET, false);
      double free = LEFT;
      graphics.setFont(Fonts.regular(11.5));
      graphics.setFill(Palette.QUIET);
      graphics.setTextAlign(TextAlignment.CENTER);
      graphics.setTextBaseline(VPos.CENTER);
      for (int base = 2; x(base) < canvas.getWidth() - RIGHT; base++) {
        String name = instrument.positionName(base);
        boolean plain = !name.contains("low") && !name.contains("high");
        double half = widthOf(name) / 2;
        if (plain && x(base) - half > free && base <= instrument.highestSemitone()) {
          graphics.fillText(name, x(base), bottom() + 13);
          free = x(base) + half + 6;
        }
        if (name.equals(Instrument.THUMB_POSITION)) {
          return;
        }
      }
    }

    private double widthOf(String words) {
      Text text = new Text(words);
      text.setFont(graphics.getFont());
      return text.getLayoutBounds().getWidth();
    }

    private void paintStrings() {
      for (int string = 1; string <= instrument.stringCount(); string++) {
        graphics.setStroke(Palette.string(string));
        graphics.setLineWidth(0.9 + 0.35 * string);
        double from = x(Math.min(0, instrument.lowestSemitone(string)));
        graphics.strokeLine(from, y(string), canvas.getWidth() - RIGHT, y(string));
        String name = instrument.writtenOpen(string).display().replaceAll("-?\\d", "");
        write(
            Instrument.numeral(string) + " " + name,
            LEFT - 24,
            y(string),
            TextAlignment.RIGHT,
            Palette.string(string),
            true);
      }
    }

    private void paintNotes() {
      Set<List<Integer>> seen = new LinkedHashSet<>();
      for (NotePlan plan : shown.leftHand().notes()) {
        for (Stop stop : plan.placement().stops()) {
          if (!stop.isOpen()) {
            seen.add(List.of(stop.string(), stop.place()));
          }
        }
      }
      for (List<Integer> place : seen) {
        double x = x(place.get(1));
        double y = y(place.get(0));
        graphics.setFill(Palette.CARD);
        graphics.fillOval(x - DOT, y - DOT, 2 * DOT, 2 * DOT);
        graphics.setStroke(Palette.string(place.get(0)));
        graphics.setLineWidth(1.5);
        graphics.strokeOval(x - DOT, y - DOT, 2 * DOT, 2 * DOT);
      }
    }

    /** The stretch of board under the hand. */
    private void paintFrame() {
      Placement placement = note.placement();
      if (!placement.usesHand()) {
        return;
      }
      int low = placement.base();
      int high = low;
      for (int offset : fingerOffsets(placement.frame()).values()) {
        high = Math.max(high, low + offset);
      }
      for (Stop stop : placement.stops()) {
        low = stop.isOpen() ? low : Math.min(low, stop.place());
        high = Math.max(high, stop.place());
      }
      graphics.setFill(Palette.SELECTION);
      double from = x(low) - FINGER - 2;
      graphics.fillRoundRect(
          from, TOP - 2, x(high) + FINGER + 2 - from, bottom() - TOP + 4, 16, 16);
    }

    /** The nearest ordinary place of each finger of a shape, in semitones above the base. */
    private static Map<Finger, Integer> fingerOffsets(HandFrame frame) {
      Map<Finger, Integer> offsets = new EnumMap<>(Finger.class);
      frame
          .reaches()
          .forEach(
              (finger, reaches) ->
                  reaches.stream()
                      .filter(r -> r.use() == HandFrame.Use.ORDINARY)
                      .findFirst()
                      .ifPresent(r -> offsets.put(finger, r.offset())));
      return offsets;
    }

    private void paintFingers() {
      for (Stop stop : note.placement().stops()) {
        if (!stop.isOpen()) {
          finger(stop);
        } else {
          graphics.setStroke(Palette.string(stop.string()));
          graphics.setLineWidth(2);
          graphics.strokeOval(x(0) - 17, y(stop.string()) - 5, 10, 10);
        }
      }
    }

    private void finger(Stop stop) {
      double x = x(stop.place());
      double y = y(stop.string());
      graphics.setFill(stop.isHarmonic() ? Palette.CARD : Palette.string(stop.string()));
      graphics.fillOval(x - FINGER, y - FINGER, 2 * FINGER, 2 * FINGER);
      graphics.setStroke(Palette.string(stop.string()));
      graphics.setLineWidth(1.5);
      graphics.strokeOval(x - FINGER, y - FINGER, 2 * FINGER, 2 * FINGER);
      Color ink = stop.isHarmonic() ? Palette.string(stop.string()) : Palette.CARD;
      write(stop.finger().sign(), x, y, TextAlignment.CENTER, ink, true);
    }

    private void paintShift() {
      Optional<Shift> into =
          shown.leftHand().shifts().stream()
              .filter(s -> s.toNote() == note.note().number())
              .findFirst();
      if (into.isEmpty()) {
        return;
      }
      double from = x(into.get().leaving().hand());
      double to = x(into.get().landing().hand());
      double base = bottom() - 4;
      graphics.setStroke(Palette.CAUTION);
      graphics.setLineWidth(1 + into.get().bits() * 0.5);
      double left = Math.min(from, to);
      double width = Math.abs(to - from);
      graphics.strokeArc(left, base - 13, width, 26, 0, 180, ArcType.OPEN);
      String words = String.format(Locale.ROOT, "shift %.0f mm", into.get().travelMm());
      graphics.setFont(Fonts.semiBold(12));
      double half = widthOf(words) / 2 + 4;
      double middle = Math.max(LEFT + half, left + width / 2);
      graphics.setFill(Palette.PAPER);
      graphics.fillRect(middle - half - CLEAR, bottom() + 5, 2 * (half + CLEAR), 16);
      write(words, middle, bottom() + 13, TextAlignment.CENTER, Palette.CAUTION, true);
    }
  }
}
