package app.fret.practice.schedule;

/**
 * What could give so that more becomes ready.
 *
 * @param kind what gives
 * @param text what and to what end, in a sentence
 * @param figure minutes a day, share of the target tempo, passages left out, or passages that would
 *     be ready, by kind
 */
public record Offer(Kind kind, String text, double figure) {
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
