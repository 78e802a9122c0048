package app.fret.practice.schedule;

import java.util.Arrays;
import java.util.Optional;

/** What a card asks for. */
public enum CardKind {
  WARM_UP("warm-up", "Warm-up"),
  LADDER("ladder", "Tempo ladder"),
  RHYTHM("rhythm", "Rhythms"),
  DRILL("drill", "Drill"),
  WHOLE_CLIMB("whole-climb", "Rhythms up the ladder"),
  TRIAL("trial", "A/B trial"),
  SCALE("scale", "Scale"),
  STUDY("study", "Study"),
  LISTENING("listening", "Listening"),
  UPKEEP("upkeep", "Keep-up"),
  MOCK("mock", "Run-through"),
  BREAK("break", "Break");

  private final String id;
  private final String words;

  CardKind(String id, String words) {
    this.id = id;
    this.words = words;
  }

  /** What it is called in files, such as {@code warm-up}. */
  public String id() {
    return id;
  }

  /** What it is called on screen. */
  public String words() {
    return words;
  }

  /** The kind of a name in files. */
  public static Optional<CardKind> ofId(String id) {
    return Arrays.stream(values()).filter(k -> k.id.equals(id)).findFirst();
  }

  /** Whether its passes go through the whole passage at one tempo, and so tell how it stands. */
  public boolean isWholePass() {
    return this == LADDER || this == UPKEEP || this == MOCK;
  }
}
