package app.fret.lefthand.effort;

import app.fret.instrument.Player;
import app.fret.lefthand.effort.finger.AlternationTerm;
import app.fret.lefthand.effort.finger.ClimaxTerm;
import app.fret.lefthand.effort.finger.FingerOrderTerm;
import app.fret.lefthand.effort.finger.FingerStrengthTerm;
import app.fret.lefthand.effort.finger.GraceTerm;
import app.fret.lefthand.effort.finger.HighFourthTerm;
import app.fret.lefthand.effort.finger.KeepDownTerm;
import app.fret.lefthand.effort.finger.LetterNameTerm;
import app.fret.lefthand.effort.finger.PrintedTerm;
import app.fret.lefthand.effort.finger.SameFingerTerm;
import app.fret.lefthand.effort.finger.SequenceTerm;
import app.fret.lefthand.effort.finger.TrillTerm;
import app.fret.lefthand.effort.finger.WeakPairTerm;
import app.fret.lefthand.effort.finger.WeakPairs;
import app.fret.lefthand.effort.finger.WrittenTrillTerm;
import app.fret.lefthand.effort.frame.BrokenPairTerm;
import app.fret.lefthand.effort.frame.DoubleStopTerm;
import app.fret.lefthand.effort.frame.HeldChordTerm;
import app.fret.lefthand.effort.frame.PairKeptTerm;
import app.fret.lefthand.effort.frame.PlacedAheadTerm;
import app.fret.lefthand.effort.frame.PreparedFrameTerm;
import app.fret.lefthand.effort.frame.ReachSchoolTerm;
import app.fret.lefthand.effort.frame.SpreadTerm;
import app.fret.lefthand.effort.frame.StretchTerm;
import app.fret.lefthand.effort.shift.CheckTerm;
import app.fret.lefthand.effort.shift.ChromaticHandTerm;
import app.fret.lefthand.effort.shift.Crawl;
import app.fret.lefthand.effort.shift.CrawlTerm;
import app.fret.lefthand.effort.shift.EnteringTerm;
import app.fret.lefthand.effort.shift.EqualTravelTerm;
import app.fret.lefthand.effort.shift.HighPositionTerm;
import app.fret.lefthand.effort.shift.LandmarkTerm;
import app.fret.lefthand.effort.shift.OpeningTerm;
import app.fret.lefthand.effort.shift.ShiftKindTerm;
import app.fret.lefthand.effort.shift.ShiftTerm;
import app.fret.lefthand.effort.shift.ShortSlideTerm;
import app.fret.lefthand.effort.shift.StayingPutTerm;
import app.fret.lefthand.effort.shift.ThumbTerm;
import app.fret.lefthand.effort.string.BrightnessTerm;
import app.fret.lefthand.effort.string.ColourTerm;
import app.fret.lefthand.effort.string.HarmonicTerm;
import app.fret.lefthand.effort.string.LoneNoteTerm;
import app.fret.lefthand.effort.string.NeighbourTerm;
import app.fret.lefthand.effort.string.OpenRingTerm;
import app.fret.lefthand.effort.string.OpenStringTerm;
import app.fret.lefthand.effort.string.OwnStringTerm;
import app.fret.lefthand.effort.string.PluckedTerm;
import app.fret.lefthand.effort.string.ResponseTerm;
import app.fret.lefthand.effort.string.StringCrossingTerm;
import app.fret.lefthand.effort.string.StringHopTerm;
import app.fret.lefthand.effort.term.EffortTerm;
import java.util.ArrayList;
import java.util.List;

/** The terms in force, each made for one player. */
public final class EffortTerms {
  private EffortTerms() {}

  /** What a term is about, such as {@code crossing of strings}. */
  public static String inShort(Player player, String term) {
    return of(player).stream()
        .filter(t -> t.name().equals(term))
        .findFirst()
        .map(t -> t.header().inShort())
        .orElse(term.replace('-', ' '));
  }

  /** All terms, in the order their reasons are shown. */
  public static List<EffortTerm> of(Player player) {
    Crawl crawl = new Crawl(player);
    List<EffortTerm> terms = new ArrayList<>();
    ShiftTerm shift = new ShiftTerm(player, crawl);
    terms.add(shift);
    terms.add(new ChromaticHandTerm(shift));
    terms.add(new ShiftKindTerm(crawl));
    terms.add(new ShortSlideTerm(player));
    terms.add(new CrawlTerm(crawl));
    terms.add(new OpeningTerm(player));
    terms.add(new StayingPutTerm());
    terms.add(new EqualTravelTerm(player));
    terms.add(new StringCrossingTerm(player));
    terms.add(new StringHopTerm());
    terms.add(new PlacedAheadTerm());
    terms.add(new SameFingerTerm(player));
    terms.add(new FingerOrderTerm());
    terms.add(new KeepDownTerm());
    terms.add(new SequenceTerm());
    terms.add(new PreparedFrameTerm());
    terms.add(new StretchTerm(player));
    terms.add(new SpreadTerm(player));
    terms.add(new ReachSchoolTerm(player));
    terms.add(new DoubleStopTerm(player));
    terms.add(new PairKeptTerm(player));
    terms.add(new BrokenPairTerm(player));
    terms.add(new HeldChordTerm());
    terms.add(new HighFourthTerm(player));
    terms.add(new OwnStringTerm());
    terms.add(new ColourTerm());
    terms.add(new LoneNoteTerm());
    terms.add(new OpenStringTerm(player));
    terms.add(new OpenRingTerm());
    terms.add(new HarmonicTerm(player));
    terms.add(new ResponseTerm(player));
    terms.add(new BrightnessTerm());
    terms.add(new NeighbourTerm(player));
    terms.add(new HighPositionTerm(player));
    terms.add(new EnteringTerm(player));
    terms.add(new ThumbTerm(player));
    terms.add(new LandmarkTerm(player));
    terms.add(new CheckTerm(player));
    terms.add(new FingerStrengthTerm(player));
    terms.add(new WeakPairTerm(new WeakPairs(player)));
    terms.add(new AlternationTerm());
    terms.add(new TrillTerm());
    terms.add(new WrittenTrillTerm());
    terms.add(new GraceTerm());
    terms.add(new PluckedTerm());
    terms.add(new PrintedTerm());
    if (player.instrument().handling().lettersHaveFingers()) {
      terms.add(new LetterNameTerm(player));
      terms.add(new ClimaxTerm());
    }
    return List.copyOf(terms);
  }
}
