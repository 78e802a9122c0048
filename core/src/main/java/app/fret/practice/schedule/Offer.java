package app.fret.practice.schedule;

import java.util.Optional;

/**
 * What could give so that more becomes ready.
 *
 * @param kind what gives
 * @param text what and to what end, in a sentence
 * @param figure minutes a day, share of the target tempo, passages left out, or passages that would
 *     be ready, by kind
 * @param item the one passage it is of, if it is of one
 */
public record Offer(Kind kind, String text, double figure, Optional<Item> item) {
  /** An offer that is of the whole programme. */
  Offer(Kind kind, String text, double figure) {
    this(kind, text, figure, Optional.empty());
  }

  /** What gives. */
  public enum Kind {
    MINUTES("minutes"),
    TEMPO("tempo"),
    PASSAGES("passages"),
    STANCE("stance");

    private final String id;

    Kind(String id) {
      this.id = id;
    }

    /** What it is called in files. */
    public String id() {
      return id;
    }
  }
}
