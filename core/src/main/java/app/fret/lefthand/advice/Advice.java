package app.fret.lefthand.advice;

import app.fret.brief.Brief;
import app.fret.instrument.Player;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.moment.Moment;
import java.util.List;

/**
 * What helps to play a finished fingering.
 *
 * @param ready fingers that can stand on their place before their note
 * @param chordChanges what each finger does where a chord comes or goes
 * @param crawls where the hand opens and closes its way along the string
 * @param trills fingers that trill
 * @param hazards strings that may sound unwanted
 * @param equalTravel runs of shifts in one direction, where the instrument compares their travel
 * @param brokenChords how chords of three and four notes are broken
 * @param leftOut chords no hand can hold
 * @param wideReaches numbers of the notes that open the hand almost as far as it goes
 * @param cautions what can hurt, in plain words
 * @param cues short words to the body, at most one a bar
 */
public record Advice(
    List<ReadyMark> ready,
    List<ChordChange> chordChanges,
    List<CrawlStep> crawls,
    List<TrillFinger> trills,
    List<Hazard> hazards,
    List<EqualTravel> equalTravel,
    List<BrokenChord> brokenChords,
    List<LeftOut> leftOut,
    List<Integer> wideReaches,
    List<String> cautions,
    List<Cue> cues) {
  public Advice {
    ready = List.copyOf(ready);
    chordChanges = List.copyOf(chordChanges);
    crawls = List.copyOf(crawls);
    trills = List.copyOf(trills);
    hazards = List.copyOf(hazards);
    equalTravel = List.copyOf(equalTravel);
    brokenChords = List.copyOf(brokenChords);
    leftOut = List.copyOf(leftOut);
    wideReaches = List.copyOf(wideReaches);
    cautions = List.copyOf(cautions);
    cues = List.copyOf(cues);
  }

  /**
   * The advice for a finished path.
   *
   * @param brief the passage, its player and its times
   * @param moments what is known of each note
   * @param path how each note is taken
   */
  public static Advice of(Brief brief, List<Moment> moments, List<Placement> path) {
    Player player = brief.player();
    return new Advice(
        ReadyMark.of(path, moments),
        ChordChange.of(path),
        CrawlStep.of(player, path),
        TrillFinger.of(brief, path, moments),
        Hazard.of(player.instrument(), path, moments),
        EqualTravel.of(player.instrument(), path),
        BrokenChord.of(path),
        LeftOut.of(player, brief.notes(), brief.pitches(), path),
        Cautions.wideReaches(brief, moments, path),
        Cautions.of(brief, moments, path),
        Cues.of(player, brief.reading(), moments, path));
  }
}
