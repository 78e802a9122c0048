package app.fret.files.musicxml;

import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/**
 * Lists what a reading took no notice of. It walks the file once the reading is done: whatever was
 * neither taken nor is pure layout is named, with its bar.
 */
final class Leftovers {
  /** Elements that say nothing but what stands in them. */
  private static final Set<String> HOLDERS =
      Set.of("measure-style", "notations", "articulations", "technical", "ornaments");

  private final Skipped skipped;
  private final Set<String> layout = new TreeSet<>();

  Leftovers(Skipped skipped) {
    this.skipped = skipped;
  }

  /** Lists what is left of a bar. */
  void ofBar(Source measure, String bar) {
    for (Source item : measure.each()) {
      list(item, "measure", Optional.of(bar));
    }
  }

  /** Lists what is left of anything that belongs to no bar. */
  void ofHead(Source head) {
    head.each().stream()
        .filter(item -> !item.name().equals("part"))
        .forEach(item -> list(item, head.name(), Optional.empty()));
  }

  private void list(Source source, String parent, Optional<String> bar) {
    Optional<String> words = Layout.words(source.name());
    if (words.isPresent()) {
      layout.add(words.get());
    } else if (!source.taken().get(source.element().number()) && !isOnlyAHolder(source)) {
      String said = SignNames.words(source.name(), parent);
      bar.ifPresentOrElse(b -> skipped.add(said, b), () -> skipped.add(said));
    } else {
      boolean rest = source.name().equals("note") && source.element().child("rest").isPresent();
      String within = rest || parent.equals("rest") ? "rest" : source.name();
      source.each().forEach(item -> list(item, within, bar));
    }
  }

  private static boolean isOnlyAHolder(Source source) {
    return HOLDERS.contains(source.name()) && !source.element().children().isEmpty();
  }

  /** What Fret sets anew, in one line; empty when the file says nothing of it. */
  Optional<String> layout() {
    return layout.isEmpty()
        ? Optional.empty()
        : Optional.of("layout, which Fret sets anew: " + String.join(", ", layout));
  }
}
