package app.fret.desktop.view.part;

import java.util.function.Function;
import javafx.util.StringConverter;

/** How a list that is not typed into shows what it holds. */
public final class ShownAs<T> extends StringConverter<T> {
  private final Function<T, String> words;

  /** Shows what these words say. */
  public ShownAs(Function<T, String> words) {
    this.words = words;
  }

  @Override
  public String toString(T value) {
    return value == null ? "" : words.apply(value);
  }

  @Override
  public T fromString(String text) {
    throw new IllegalStateException("the list is not typed into");
  }
}
