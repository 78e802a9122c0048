package app.fret.desktop.view.part;

import app.fret.practice.Scale;
import java.util.Arrays;
import javafx.util.StringConverter;

/** Kinds of scales by their names. */
public final class KindWords extends StringConverter<Scale.Kind> {
  @Override
  public String toString(Scale.Kind kind) {
    return kind == null ? "" : kind.words();
  }

  @Override
  public Scale.Kind fromString(String words) {
    return Arrays.stream(Scale.Kind.values())
        .filter(k -> k.words().equals(words))
        .findFirst()
        .orElseThrow();
  }
}
