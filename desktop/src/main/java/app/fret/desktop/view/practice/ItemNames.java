package app.fret.desktop.view.practice;

import app.fret.practice.schedule.Item;
import java.util.List;

/** Items by their titles. */
final class ItemNames {
  private ItemNames() {}

  /** The title of the item of an id; words for one that is not planned. */
  static String title(List<Item> items, String id) {
    return items.stream()
        .filter(i -> i.id().equals(id))
        .map(Item::title)
        .findFirst()
        .orElse("a passage that is not planned");
  }
}
