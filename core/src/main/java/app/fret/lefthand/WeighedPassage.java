package app.fret.lefthand;

import app.fret.brief.Brief;
import app.fret.lefthand.effort.EffortModel;
import app.fret.lefthand.figure.Assumed;
import app.fret.lefthand.hand.Placement;
import app.fret.lefthand.hand.Placements;
import app.fret.lefthand.moment.Moment;
import app.fret.lefthand.moment.Moments;
import app.fret.score.SoundingPitch;
import app.fret.search.Chain;
import app.fret.search.Lattice;
import app.fret.search.Lazy;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;

/**
 * All ways to take each note of a passage, weighed without pins and without looking at figures.
 *
 * <p>Immutable; its arrays are handed out as they are, and nobody writes to them.
 */
final class WeighedPassage {
  private final Common common;
  private final List<Moment> moments;
  private final Chain chain;
  private final double[][] stays;
  private final Lazy<Lattice> lattice;

  /** What a layer is made for: the sounds of a chord, and whether as a harmonic. */
  private record Chord(List<SoundingPitch> pitches, boolean asHarmonic) {}

  /** What does not depend on what is assumed. */
  private record Common(
      Brief brief,
      EffortModel model,
      Moments gathered,
      List<List<Placement>> layers,
      Joints joints) {
    static Common of(Brief brief, EffortModel model) {
      Moments gathered = new Moments(brief);
      List<List<Placement>> layers = layers(brief, gathered.under(Assumed.NOTHING));
      return new Common(brief, model, gathered, layers, new Joints(layers, model));
    }

    private static List<List<Placement>> layers(Brief brief, List<Moment> moments) {
      Placements placements = new Placements(brief.player());
      Map<Chord, List<Placement>> known = new HashMap<>();
      List<List<Placement>> layers = new ArrayList<>();
      for (int i = 0; i < moments.size(); i++) {
        Chord chord = new Chord(brief.pitches().get(i), moments.get(i).is(Moment.Sign.HARMONIC));
        layers.add(known.computeIfAbsent(chord, c -> placements.of(c.pitches(), c.asHarmonic())));
      }
      return List.copyOf(layers);
    }
  }

  WeighedPassage(Brief brief, EffortModel model, Assumed assumed) {
    this(Common.of(brief, model), assumed);
  }

  private WeighedPassage(Common common, Assumed assumed) {
    this.common = common;
    this.moments = common.gathered.under(assumed);
    this.stays = weighStays();
    this.chain = common.joints.chain(moments);
    this.lattice = new Lazy<>(() -> new Lattice(chain, stays));
  }

  /**
   * The same passage while something else is assumed: what it has in common is not weighed anew.
   */
  WeighedPassage assuming(Assumed other) {
    return new WeighedPassage(common, other);
  }

  private double[][] weighStays() {
    double[][] weighed = new double[common.layers.size()][];
    Map<List<Placement>, Map<Moment, double[]>> known = new IdentityHashMap<>();
    for (int i = 0; i < weighed.length; i++) {
      List<Placement> layer = common.layers.get(i);
      weighed[i] =
          known
              .computeIfAbsent(layer, k -> new HashMap<>())
              .computeIfAbsent(
                  moments.get(i).only(common.model.stayFacets()),
                  seen -> common.model.stays(seen, layer));
    }
    return weighed;
  }

  /** Moves between the ways. */
  Chain chain() {
    return chain;
  }

  /** The passage solved without pins and without looking at figures. */
  Lattice lattice() {
    return lattice.get();
  }

  /** Effort of each way of each note. */
  double[][] stays() {
    return stays;
  }

  /** The ways each note can be taken. */
  List<List<Placement>> layers() {
    return common.layers;
  }

  /** What each note is like. */
  List<Moment> moments() {
    return moments;
  }

  /** What was weighed. */
  Brief brief() {
    return common.brief;
  }

  /** What weighed it. */
  EffortModel model() {
    return common.model;
  }

  /** The placements a path takes. */
  List<Placement> placements(int[] path) {
    List<Placement> taken = new ArrayList<>(path.length);
    for (int i = 0; i < path.length; i++) {
      taken.add(common.layers.get(i).get(path[i]));
    }
    return taken;
  }

  /** How a path takes figures. */
  FigureModels modelsOf(int[] path) {
    return new FigureModels(common.brief.reading(), common.brief.notes(), placements(path));
  }

  /** Efforts with what it costs to depart from how figures are taken elsewhere. */
  double[][] withFigures(double[][] before, FigureModels figures) {
    double[][] after = before.clone();
    for (int i = 0; i < after.length; i++) {
      if (figures.of(i).isPresent()) {
        Placement elsewhere = figures.of(i).get();
        after[i] = before[i].clone();
        for (int p = 0; p < after[i].length; p++) {
          after[i][p] +=
              common.model.figure(common.layers.get(i).get(p), elsewhere, figures.samePitch(i));
        }
      }
    }
    return after;
  }

  /**
   * What it costs a path to depart from these figures, less what it costs to depart from its own:
   * what a search under these figures asks too much.
   *
   * @param models the figures searched under
   */
  double tooMuch(int[] path, FigureModels models) {
    return departing(path, models) - departing(path, modelsOf(path));
  }

  private double departing(int[] path, FigureModels models) {
    double sum = 0;
    for (int i = 0; i < path.length; i++) {
      if (models.of(i).isPresent()) {
        Placement at = common.layers.get(i).get(path[i]);
        sum += common.model.figure(at, models.of(i).get(), models.samePitch(i));
      }
    }
    return sum;
  }
}
