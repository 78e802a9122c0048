package app.fret.desktop.music.lane;

import java.util.List;
import java.util.Map;

/**
 * Which lanes stand over and under the music, from above: a new lane is a class and a line here.
 */
public final class Lanes {
  private static final Lane TEMPI = new TempoLane();
  private static final Lane BEATS = new BeatLane();
  private static final Lane OTHERS = new OthersLane();
  private static final Lane STRETCHES = new StretchLane();
  private static final Lane PHRASES = new PhraseLane();
  private static final Lane CHORDS = new ChordLane();

  /** None: the page as it is printed. */
  public static final List<Lane> NONE = List.of();

  /** What a reader counts by, what the others run on, and what comes back. */
  public static final List<Lane> READ = List.of(CHORDS, TEMPI, BEATS, OTHERS, STRETCHES, PHRASES);

  /** The path of the left hand and how far it opens. */
  public static final List<Lane> LEFT_HAND = List.of(new PathLane(), new ReachStrip());

  /** Where the bow is, and on which plane. */
  public static final List<Lane> BOW = List.of(new TrackLane(), new PlaneLane());

  /** Where the bow is at a share of the target tempo. */
  public static List<Lane> bow(double tempoShare) {
    return List.of(new TrackLane(tempoShare), new PlaneLane());
  }

  /** The bow alone, where two bowings stand side by side. */
  public static final List<Lane> BOW_TRACK = List.of(new TrackLane());

  /** How loud each note is, how it vibrates and how much bow it has. */
  public static final List<Lane> SHAPE =
      List.of(new LevelLane(), CHORDS, new VibratoLane(), new AmountLane());

  private static final Map<Lane, String> WORDS =
      Map.of(
          CHORDS,
          "chords",
          TEMPI,
          "tempi",
          BEATS,
          "beats",
          OTHERS,
          "others",
          STRETCHES,
          "stretches",
          PHRASES,
          "phrases");

  private Lanes() {}

  /** What a lane of the reader is called. */
  public static String words(Lane lane) {
    return WORDS.get(lane);
  }
}
