package app.fret.files.packet;

import app.fret.instrument.PlayerSetup;
import app.fret.practice.schedule.CardKind;
import app.fret.practice.schedule.Learner;
import app.fret.practice.schedule.Miss;
import app.fret.practice.schedule.PutBack;
import app.fret.practice.schedule.Round;
import app.fret.practice.trial.Way;
import app.fret.score.Tempo;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/**
 * What is sent from one book to another.
 *
 * @param player name of the player
 * @param setup instrument, hand and schools
 * @param learner how the player practises
 * @param passages the passages in audition order
 * @param others what is practised without music in the book
 * @param rounds rounds of an audition; their items, as those of the set week, are known by {@link
 *     #PASSAGE} or {@link #OTHER} and their place in the packet
 */
public record Packet(
    String player,
    PlayerSetup setup,
    Learner learner,
    List<Part> passages,
    List<Other> others,
    List<Round> rounds) {
  /** What the place of a passage stands behind. */
  public static final String PASSAGE = "passage-";

  /** What the place of another item stands behind. */
  public static final String OTHER = "other-";

  public Packet {
    rounds = List.copyOf(rounds);
    passages = List.copyOf(passages);
    others = List.copyOf(others);
  }

  /**
   * A study or a recording.
   *
   * @param kind {@code study} or {@code listening}
   * @param minutes minutes it takes when it comes up
   * @param heardPerMinute tempo that was tapped along
   * @param bowings what was heard of the bowing
   * @param bowAmount how much bow is taken, and where
   * @param shape where it grows and falls
   * @param turns days on which it had its turn, oldest first
   */
  public record Other(
      String kind,
      String title,
      int minutes,
      OptionalDouble heardPerMinute,
      String bowings,
      String bowAmount,
      String shape,
      List<LocalDate> turns) {
    static final int MOST_MINUTES = 120;

    /**
     * @throws IllegalArgumentException when it is nothing that Fret knows, with a sentence
     */
    public Other {
      turns = List.copyOf(turns);
      boolean isKnown = kind.equals("study") || kind.equals("listening");
      boolean isHeard = heardPerMinute.isEmpty() || heardPerMinute.getAsDouble() > 0;
      if (!isKnown || title.isBlank() || minutes < 1 || minutes > MOST_MINUTES || !isHeard) {
        throw new IllegalArgumentException(
            "one of its studies and recordings is none that this Fret knows");
      }
    }
  }

  /**
   * A passage.
   *
   * @param fileName name of the file the music came from
   * @param score that file
   * @param edited the music as it was mended; empty where it is as it was read
   * @param part index of the part in the file
   * @param firstBar index of its first bar in the part
   * @param lastBar index of its last
   * @param due day it is for
   * @param decisions what was decided, as rows
   * @param log passes, oldest first
   * @param takenBack moments of passes that were taken back
   * @param notes what was said of it, oldest first
   * @param putBack what hurt twice within a week and was put back
   */
  public record Part(
      String title,
      String fileName,
      byte[] score,
      Optional<Mended> edited,
      int part,
      int firstBar,
      int lastBar,
      Tempo target,
      Optional<LocalDate> due,
      List<Row> decisions,
      List<Pass> log,
      Set<Instant> takenBack,
      List<Note> notes,
      List<PutBack> putBack) {
    public Part {
      notes = List.copyOf(notes);
      putBack = List.copyOf(putBack);
      score = score.clone();
      decisions = List.copyOf(decisions);
      log = List.copyOf(log);
      takenBack = Set.copyOf(takenBack);
    }

    @Override
    public byte[] score() {
      return score.clone();
    }
  }

  /**
   * What was said of a passage.
   *
   * @param at when it was written
   * @param by teacher, jury or player
   * @param bar of which bar
   * @param words what was said
   * @param video file of a lesson's video it is in
   * @param videoSeconds where in it, in s
   */
  public record Note(
      Instant at,
      String by,
      Optional<String> bar,
      String words,
      Optional<String> video,
      int videoSeconds) {}

  /**
   * Music as it was mended.
   *
   * @param music a .mxl file
   * @param origins which note of the music as it was read each of its notes is, see {@link
   *     app.fret.edit.Origins}; empty where that was not kept
   */
  public record Mended(byte[] music, Optional<String> origins) {
    public Mended {
      music = music.clone();
    }

    @Override
    public byte[] music() {
      return music.clone();
    }

    /** Whether the music is the same, byte for byte. */
    public boolean isSameMusic(Mended other) {
      return Arrays.equals(music, other.music);
    }
  }

  /**
   * A decision as books keep it, so that one of a newer Fret goes through untouched.
   *
   * @param area such as {@code bow}
   * @param item what is decided, such as a place
   * @param version version of the form
   * @param value what is decided of it
   */
  public record Row(String area, String item, int version, String value) {}

  /**
   * A pass of the log.
   *
   * @param at when
   * @param seconds how long it took, where that was kept
   * @param card what it was played for
   * @param cold whether it was the first of its day
   * @param spot where it missed or what it was for
   * @param spotLeftOut whether a spot was left out
   * @param hurts whether it hurt or tired
   * @param repeats how often it was played before it was logged
   * @param words a note in the player's words
   * @param way of a trial, which way it was
   * @param misses what went wrong in it, where that was said
   */
  public record Pass(
      Instant at,
      Tempo tempo,
      OptionalDouble seconds,
      boolean clean,
      CardKind card,
      boolean cold,
      Optional<String> spot,
      boolean spotLeftOut,
      boolean hurts,
      int repeats,
      Optional<String> words,
      Optional<Way> way,
      List<Miss> misses) {
    public Pass {
      misses = List.copyOf(misses);
    }
  }
}
