package app.fret.desktop.view.practice;

import app.fret.practice.schedule.Item;
import java.util.List;
import javafx.util.StringConverter;

/** Items by their titles, in lists to choose from. */
final class ItemNames extends StringConverter<Item> {
  @Override
  public String toString(Item item) {
    return item == null ? "" : item.title();
  }

  @Override
  public Item fromString(String text) {
    throw new UnsupportedOperationException("items are chosen, not typed");
  }

  /** The title of the item of an id; the id where it is not planned. */
  static String title(List<Item> items, String id) {
    return items.stream()
        .filter(i -> i.id().equals(id))
        .map(Item::title)
        .findFirst()
        .orElse("a passage that is not planned");
  }
}
