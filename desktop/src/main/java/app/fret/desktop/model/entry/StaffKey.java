package app.fret.desktop.model.entry;

import app.fret.edit.StaffPen;
import app.fret.score.BowDirection;
import app.fret.score.Marks;
import app.fret.score.Step;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;

/**
 * A key that writes on the staff. Key presses, the rows of key caps and the list of further keys
 * all read the one list {@link #ALL}.
 *
 * @param id its name in the window
 * @param cap what stands on its key cap
 * @param words what it does
 * @param typed characters that ask for it
 * @param keys keys that ask for it and type no character, such as {@code Ctrl+Up}
 * @param shown where its key cap stands
 * @param isOn whether it is in force, which its key cap shows
 * @param action what it does to the pen
 */
public record StaffKey(
    String id,
    String cap,
    String words,
    String typed,
    List<String> keys,
    Row shown,
    Predicate<StaffPen> isOn,
    UnaryOperator<StaffPen> action) {

  /** Rows of key caps. */
  public enum Row {
    WRITE,
    MARK,
    /** Not shown. */
    NONE
  }

  /** All keys, in the order of their caps. */
  public static final List<StaffKey> ALL = all();

  private static List<StaffKey> all() {
    List<StaffKey> all = new ArrayList<>();
    addLetters(all);
    all.add(pressed("octave-up", "↑", "octave up", Row.WRITE, p -> p.octave(1), "Up"));
    all.add(pressed("octave-down", "↓", "octave down", Row.WRITE, p -> p.octave(-1), "Down"));
    addLengths(all);
    all.add(plain("longer", "H", "a beat longer", "hH", Row.WRITE, StaffPen::longer));
    all.add(plain("dot", ".", "dot", ".", Row.WRITE, StaffPen::dot));
    all.add(plain("rest", "R", "rest", "r", Row.WRITE, StaffPen::rest));
    all.add(plain("raise", "+", "raise", "+=#", Row.WRITE, p -> p.alter(1)));
    all.add(plain("lower", "−", "lower", "-", Row.WRITE, p -> p.alter(-1)));
    all.add(plain("tie", "T", "tie", "tT", Row.WRITE, StaffPen::tie));
    all.add(lit("slur", "S", "slur", "sS", StaffPen::slurIsOpen, StaffPen::slur));
    all.add(lit("chord", "K", "chord", "kK", StaffPen::addsToChord, StaffPen::chord));
    all.add(lit("grace", "Q", "grace", "qQ", StaffPen::writesGrace, StaffPen::grace));
    addMarks(all);
    addBars(all);
    addMoves(all);
    return List.copyOf(all);
  }

  private static void addLetters(List<StaffKey> all) {
    for (Step step : Step.values()) {
      String letter = step.name();
      String typed = letter.toLowerCase(java.util.Locale.ROOT);
      all.add(plain("note-" + typed, letter, "note " + letter, typed, Row.NONE, p -> p.note(step)));
      all.add(
          plain(
              "become-" + typed,
              "Shift " + letter,
              "make the note before " + letter,
              letter,
              Row.NONE,
              p -> p.become(step)));
    }
    all.add(plain("become-rest", "Shift R", "make it a rest", "R", Row.NONE, StaffPen::becomeRest));
  }

  private static void addLengths(List<StaffKey> all) {
    for (int count = 1; count <= StaffPen.MOST_PER_BEAT; count++) {
      int notes = count;
      boolean common = count <= 4 || count == 6 || count == 8;
      all.add(
          new StaffKey(
              "per-beat-" + count,
              String.valueOf(count),
              count + (count == 1 ? " note" : " notes") + " to a beat",
              String.valueOf(count),
              List.of("Numpad " + count),
              common ? Row.WRITE : Row.NONE,
              p -> p.perBeat() == notes,
              p -> p.perBeat(notes)));
      all.add(
          pressed(
              "make-per-beat-" + count,
              "Ctrl " + count,
              "make the note before " + count + " to a beat",
              Row.NONE,
              p -> p.becomePerBeat(notes),
              "Ctrl+" + count));
    }
  }

  private static void addMarks(List<StaffKey> all) {
    all.add(plain("down-bow", "V", "down-bow", "vV", Row.MARK, bow(BowDirection.DOWN)));
    all.add(plain("up-bow", "U", "up-bow", "uU", Row.MARK, bow(BowDirection.UP)));
    all.add(plain("short", ",", "short", ",", Row.MARK, sign(Marks.Articulation.STACCATO)));
    all.add(plain("accent", "L", "accent", "lL", Row.MARK, sign(Marks.Articulation.ACCENT)));
    all.add(plain("tenuto", "_", "tenuto", "_", Row.MARK, sign(Marks.Articulation.TENUTO)));
    all.add(
        plain(
            "very-short",
            "'",
            "very short",
            "'",
            Row.NONE,
            sign(Marks.Articulation.STACCATISSIMO)));
    all.add(
        plain(
            "strong-accent",
            "^",
            "strong accent",
            "^",
            Row.NONE,
            sign(Marks.Articulation.STRONG_ACCENT)));
    all.add(plain("hold", "O", "hold", "oO", Row.MARK, p -> p.signs(Marks::toggledFermata)));
    all.add(
        plain(
            "trill",
            "Y",
            "trill",
            "yY",
            Row.MARK,
            p -> p.signs(m -> m.toggled(Marks.Ornament.TRILL))));
    all.add(wedge("grow", "<", "grow", true));
    all.add(wedge("fade", ">", "fade", false));
  }

  private static void addBars(List<StaffKey> all) {
    all.add(
        new StaffKey(
            "next-bar",
            "|",
            "next bar",
            "|",
            List.of("Enter"),
            Row.MARK,
            p -> false,
            StaffPen::nextBar));
    all.add(plain("repeat-bar", "Z", "bar again", "zZ", Row.MARK, StaffPen::repeatBars));
    all.add(plain("insert-bar", "I", "empty bar", "iI", Row.MARK, StaffPen::insertBar));
    all.add(
        pressed(
            "delete-bar", "Ctrl ⌫", "bar out", Row.MARK, StaffPen::deleteBars, "Ctrl+Backspace"));
    all.add(
        pressed("delete", "⌫", "delete the note before", Row.NONE, StaffPen::delete, "Backspace"));
    all.add(
        pressed("delete-next", "Del", "delete the next", Row.NONE, StaffPen::deleteNext, "Delete"));
  }

  private static void addMoves(List<StaffKey> all) {
    all.add(pressed("right", "→", "next note", Row.NONE, p -> p.move(1, false), "Right"));
    all.add(pressed("left", "←", "note before", Row.NONE, p -> p.move(-1, false), "Left"));
    all.add(
        pressed(
            "right-more", "", "select one more", Row.NONE, p -> p.move(1, true), "Shift+Right"));
    all.add(
        pressed("left-more", "", "select one back", Row.NONE, p -> p.move(-1, true), "Shift+Left"));
    all.add(
        pressed("bar-right", "", "next bar", Row.NONE, p -> p.moveBars(1, false), "Ctrl+Right"));
    all.add(
        pressed("bar-left", "", "bar before", Row.NONE, p -> p.moveBars(-1, false), "Ctrl+Left"));
    all.add(
        pressed(
            "bars-right",
            "",
            "select a bar more",
            Row.NONE,
            p -> p.moveBars(1, true),
            "Ctrl+Shift+Right"));
    all.add(
        pressed(
            "bars-left",
            "",
            "select a bar back",
            Row.NONE,
            p -> p.moveBars(-1, true),
            "Ctrl+Shift+Left"));
    all.add(pressed("step-up", "", "a step up", Row.NONE, p -> p.step(1), "Ctrl+Up"));
    all.add(pressed("step-down", "", "a step down", Row.NONE, p -> p.step(-1), "Ctrl+Down"));
  }

  private static UnaryOperator<StaffPen> sign(Marks.Articulation sign) {
    return p -> p.signs(m -> m.toggled(sign));
  }

  private static UnaryOperator<StaffPen> bow(BowDirection direction) {
    return p ->
        p.signs(
            m ->
                m.withBow(
                    m.bow().equals(Optional.of(direction))
                        ? Optional.empty()
                        : Optional.of(direction)));
  }

  private static StaffKey wedge(String id, String sign, String words, boolean growing) {
    return new StaffKey(
        id, sign, words, sign, List.of(), Row.MARK, p -> false, p -> p.wedge(growing));
  }

  private static StaffKey plain(
      String id, String cap, String words, String typed, Row row, UnaryOperator<StaffPen> action) {
    return new StaffKey(id, cap, words, typed, List.of(), row, p -> false, action);
  }

  private static StaffKey pressed(
      String id, String cap, String words, Row row, UnaryOperator<StaffPen> action, String key) {
    return new StaffKey(id, cap, words, "", List.of(key), row, p -> false, action);
  }

  private static StaffKey lit(
      String id,
      String cap,
      String words,
      String typed,
      Predicate<StaffPen> isOn,
      UnaryOperator<StaffPen> action) {
    return new StaffKey(id, cap, words, typed, List.of(), Row.WRITE, isOn, action);
  }
}
