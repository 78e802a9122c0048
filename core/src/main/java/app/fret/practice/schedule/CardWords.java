package app.fret.practice.schedule;

import app.fret.practice.drill.DrillKind;
import app.fret.score.Tempo;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What a card says, part by part: what, how slowly, how often and when to stop. */
public final class CardWords {
  private static final int RIGHT_IN_A_ROW = 3;

  private CardWords() {}

  /** What is done, such as {@code Stop and shift}. */
  public static String title(Card card) {
    return card.drill().flatMap(DrillKind::ofId).map(DrillKind::words).orElse(card.kind().words());
  }

  /** How fast it goes; empty where no tempo is asked. */
  public static Optional<Tempo> tempo(Card card) {
    return card.item()
        .filter(i -> card.perMinute().isPresent())
        .map(i -> i.target().at(card.perMinute().getAsDouble()));
  }

  /** The same with its beat, such as {@code quarter = 60}. */
  public static Optional<String> tempoWords(Card card) {
    return tempo(card)
        .map(
            t ->
                t.beat().name()
                    + " = "
                    + String.format(Locale.ROOT, "%.1f", t.perMinute()).replace(".0", ""));
  }

  /** How often, such as {@code 6 passes}; empty where it is not counted. */
  public static Optional<String> times(Card card) {
    return card.passes() == 0
        ? Optional.empty()
        : Optional.of(card.passes() + (card.passes() == 1 ? " pass" : " passes"));
  }

  /** When to stop, as part of a sentence; empty where the minutes say it. */
  public static Optional<String> until(Card card) {
    return switch (card.kind()) {
      case WARM_UP -> Optional.of("until the hand is loose");
      case LADDER ->
          card.item()
              .map(i -> i.gate().cleanNeeded() + " clean in a row open the next tempo")
              .map(w -> w + "; stop after " + times(card).orElse(card.minutes() + " minutes"));
      case DRILL ->
          Optional.of(
              "stop after "
                  + times(card).orElse(card.minutes() + " minutes")
                  + (card.passes() > 0 && card.passes() <= RIGHT_IN_A_ROW
                      ? ""
                      : ", or when " + RIGHT_IN_A_ROW + " in a row are right"));
      case RHYTHM, WHOLE_CLIMB -> Optional.of("each rhythm once");
      case UPKEEP -> Optional.of(card.passes() == 1 ? "once" : "stop after one clean run");
      case MOCK -> Optional.of("once, without stopping");
      default -> Optional.empty();
    };
  }

  /** Title, passage, tempo and how often in one line. */
  public static String line(Card card) {
    return Stream.of(
            Optional.of(title(card)), card.item().map(Item::title), tempoWords(card), times(card))
        .flatMap(Optional::stream)
        .collect(Collectors.joining(", "));
  }

  /** When to stop, and why the card is there, as one or two sentences. */
  public static String why(Card card) {
    return Stream.of(until(card), Optional.of(card.reason()))
        .flatMap(Optional::stream)
        .filter(w -> !w.isBlank())
        .map(CardWords::sentence)
        .collect(Collectors.joining(" "));
  }

  private static String sentence(String words) {
    String end = words.endsWith(".") ? "" : ".";
    return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1) + end;
  }
}
