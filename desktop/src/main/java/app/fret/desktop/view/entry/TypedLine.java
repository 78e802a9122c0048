package app.fret.desktop.view.entry;

import app.fret.desktop.model.entry.EntryReading;
import app.fret.files.abc.AbcProblem;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import org.fxmisc.richtext.CodeArea;
import org.fxmisc.richtext.model.StyleSpans;
import org.fxmisc.richtext.model.StyleSpansBuilder;

/** The line that music is typed in, with what is wrong underlined where it stands. */
final class TypedLine extends CodeArea {
  TypedLine(String text) {
    setId("entry-line");
    getStyleClass().add("entry-line");
    setWrapText(true);
    replaceText(text);
    getUndoManager().forgetHistory();
    moveTo(text.length());
  }

  /** Underlines what is wrong, if the text is still the one that was read. */
  void underline(EntryReading reading) {
    if (reading.text().equals(getText()) && !reading.text().isEmpty()) {
      setStyleSpans(0, underlines(reading));
    }
  }

  private static StyleSpans<Collection<String>> underlines(EntryReading reading) {
    StyleSpansBuilder<Collection<String>> spans = new StyleSpansBuilder<>();
    int at = 0;
    List<AbcProblem> inOrder =
        reading.tune().problems().stream()
            .sorted(Comparator.comparingInt(AbcProblem::from))
            .toList();
    for (AbcProblem problem : inOrder) {
      int from = Math.max(at, problem.from());
      int to = Math.min(problem.to(), reading.text().length());
      if (to > from) {
        spans.add(List.of(), from - at);
        spans.add(List.of(problem.serious() ? "to-mend" : "to-look-at"), to - from);
        at = to;
      }
    }
    return spans.add(List.of(), reading.text().length() - at).create();
  }

  /** Replaces only what differs, so that the rest keeps its place and its undo stays small. */
  void follow(String text) {
    String now = getText();
    int least = Math.min(now.length(), text.length());
    int same = 0;
    while (same < least && now.charAt(same) == text.charAt(same)) {
      same++;
    }
    int sameAtEnd = 0;
    while (sameAtEnd < least - same
        && now.charAt(now.length() - 1 - sameAtEnd) == text.charAt(text.length() - 1 - sameAtEnd)) {
      sameAtEnd++;
    }
    if (same < now.length() - sameAtEnd || same < text.length() - sameAtEnd) {
      replaceText(same, now.length() - sameAtEnd, text.substring(same, text.length() - sameAtEnd));
    }
  }
}
