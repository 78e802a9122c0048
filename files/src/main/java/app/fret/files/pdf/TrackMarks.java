package app.fret.files.pdf;

import app.fret.bow.stroke.Stroke;
import app.fret.bow.stroke.StrokeKind;
import app.fret.engraving.Engraving;
import app.fret.engraving.Mark;
import app.fret.study.Study;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The place of the bow drawn under a system on paper: frog below, tip above, the balance point
 * marked; in the air it is dotted. Units: staff spaces.
 */
final class TrackMarks {
  private static final double GAP = 2;
  private static final double HEIGHT = 6;
  private static final double THIN = 0.08;
  private static final double THICK = 0.32;
  private static final double LETTERS = 1.5;
  private static final double BALANCE = 0.3;
  private static final double DOT = 0.4;

  private final Study study;

  TrackMarks(Study study) {
    this.study = study;
  }

  /** The system with the bow under it. */
  Engraving.System under(Engraving.System system) {
    List<Mark> marks = new ArrayList<>(system.marks());
    new Lane(system, marks).draw();
    double bottom = system.bottom() + GAP + HEIGHT + 1;
    return new Engraving.System(
        marks,
        system.notes(),
        system.rests(),
        system.bars(),
        system.top(),
        bottom,
        system.notesFrom());
  }

  /** One system's lane; its fields live as long. */
  private final class Lane {
    private final Engraving.System system;
    private final List<Mark> marks;
    private final double tip;

    Lane(Engraving.System system, List<Mark> marks) {
      this.system = system;
      this.marks = marks;
      this.tip = system.bottom() + GAP;
    }

    private double y(double place) {
      return tip + HEIGHT * (1 - place);
    }

    private void line(double x1, double y1, double x2, double y2, double width, Mark.Role role) {
      marks.add(new Mark.Line(x1, y1, x2, y2, width, role));
    }

    void draw() {
      double from = system.notesFrom();
      double to = system.bars().get(system.bars().size() - 1).until();
      for (double place : new double[] {0, BALANCE, 0.5, 1}) {
        line(from, y(place), to, y(place), THIN, Mark.Role.BAR_NUMBER);
      }
      name("tip", 1);
      name("0.5", 0.5);
      name("frog", 0);
      List<Stroke> strokes = study.bow().strokes();
      for (int i = 0; i < strokes.size(); i++) {
        if (strokes.get(i).kind() != StrokeKind.PIZZICATO) {
          draw(strokes.get(i));
        }
        if (i > 0 && strokes.get(i).retakeBefore()) {
          drawAir(strokes.get(i - 1), strokes.get(i));
        }
      }
    }

    private void name(String words, double place) {
      double y = y(place) + LETTERS / 3;
      marks.add(new Mark.Text(0, y, words, LETTERS, Mark.Face.REGULAR, Mark.Role.BAR_NUMBER));
    }

    private Optional<Engraving.NotePlace> place(int note) {
      return system.placeOf(study.notes().get(note).events().first());
    }

    private void draw(Stroke stroke) {
      double at = stroke.start();
      double sign = Math.signum(stroke.end() - stroke.start());
      for (int note = stroke.firstNote(); note <= stroke.lastNote(); note++) {
        double share = stroke.sharesCm().get(note - stroke.firstNote()) / study.bow().hairCm();
        double next = at + sign * share;
        double from = at;
        boolean inside = note == stroke.firstNote() && stroke.beginsInside();
        place(note)
            .ifPresent(
                p -> {
                  double end = p.until() - 0.4;
                  double x = inside ? p.x() + stroke.from() * (end - p.x()) : p.x();
                  line(x, y(from), end, y(next), THICK, Mark.Role.BOW);
                });
        at = next;
      }
    }

    private void drawAir(Stroke before, Stroke stroke) {
      Optional<Engraving.NotePlace> left = place(before.lastNote());
      Optional<Engraving.NotePlace> lands = place(stroke.firstNote());
      if (left.isEmpty() || lands.isEmpty()) {
        return;
      }
      double x1 = left.get().until() - 0.4;
      double y1 = y(before.end());
      double x2 = lands.get().x();
      double y2 = y(stroke.start());
      int dots = (int) Math.ceil(Math.hypot(x2 - x1, y2 - y1) / (2 * DOT));
      for (int i = 0; i < dots; i++) {
        double start = (double) i / dots;
        double end = start + 0.5 / dots;
        line(
            x1 + start * (x2 - x1),
            y1 + start * (y2 - y1),
            x1 + end * (x2 - x1),
            y1 + end * (y2 - y1),
            2 * THIN,
            Mark.Role.BAR_NUMBER);
      }
    }
  }
}
