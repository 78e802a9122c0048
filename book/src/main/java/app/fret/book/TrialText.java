package app.fret.book;

import app.fret.bow.stroke.StrokeAt;
import app.fret.bow.stroke.StrokeDecision;
import app.fret.lefthand.PinAt;
import app.fret.practice.trial.TrialPlan;
import app.fret.practice.trial.TrialPlan.Candidate;
import app.fret.score.NoteRef;
import java.time.DateTimeException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A trial as lines of text: {@code at}, {@code since}, and for each way {@code a} or {@code b} with
 * its words, its pins ({@code a pin}) and its stroke ({@code a stroke}), behind a tab their value.
 */
final class TrialText {
  private static final String AT = "at";
  private static final String SINCE = "since";
  private static final String PIN = " pin";
  private static final String STROKE = " stroke";
  private static final String TAB = "\t";

  private TrialText() {}

  static String of(TrialPlan trial) {
    List<String> lines = new ArrayList<>();
    lines.add(AT + TAB + trial.at());
    lines.add(SINCE + TAB + trial.since());
    add(lines, "a", trial.a());
    add(lines, "b", trial.b());
    return String.join("\n", lines);
  }

  private static void add(List<String> lines, String name, Candidate way) {
    lines.add(name + TAB + way.words().replace('\t', ' ').replace('\n', ' '));
    for (Map.Entry<String, String> pin : DecisionRows.of(way.pins()).entrySet()) {
      lines.add(name + PIN + TAB + pin.getKey() + TAB + pin.getValue());
    }
    way.stroke().ifPresent(s -> lines.add(name + STROKE + TAB + s.at() + TAB + s.decision()));
  }

  /**
   * Reads a trial.
   *
   * @throws IllegalArgumentException when the text makes no sense
   */
  static TrialPlan read(String text) {
    try {
      return new TrialPlan(
          NoteRef.parse(only(text, AT)),
          Instant.parse(only(text, SINCE)),
          candidate(text, "a"),
          candidate(text, "b"));
    } catch (DateTimeException e) {
      throw new IllegalArgumentException("'" + only(text, SINCE) + "' is no time", e);
    }
  }

  private static Candidate candidate(String text, String name) {
    List<PinAt> pins = new ArrayList<>();
    for (String[] parts : lines(text, name + PIN)) {
      pins.addAll(DecisionRows.pins(parts[1], parts[2]));
    }
    Optional<StrokeAt> stroke =
        lines(text, name + STROKE).stream()
            .findFirst()
            .map(p -> new StrokeAt(NoteRef.parse(p[1]), StrokeDecision.parse(p[2])));
    return new Candidate(only(text, name), pins, stroke);
  }

  private static String only(String text, String name) {
    return lines(text, name).stream()
        .findFirst()
        .map(parts -> parts[1])
        .orElseThrow(() -> new IllegalArgumentException("'" + name + "' is missing in a trial"));
  }

  private static List<String[]> lines(String text, String name) {
    int parts = name.contains(" ") ? 3 : 2;
    return text.lines()
        .map(line -> line.split(TAB, parts))
        .filter(line -> line[0].equals(name) && line.length == parts)
        .toList();
  }
}
