package app.fret.files.abc;

import app.fret.files.PlainWords;
import app.fret.files.ReadPassage;
import app.fret.files.Score;
import app.fret.files.ScorePlace;
import app.fret.files.ScoreRejectedException;
import app.fret.instrument.StatedTuning;
import app.fret.score.Passage;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A file in ABC notation: each tune is a part to choose. */
public final class AbcScore implements Score {
  /** Longest text that is read, in characters: some ten thousand bars. */
  private static final int LONGEST = 2_000_000;

  /** Of so many notes and rests one sign may be bad. */
  private static final int MOST_BAD = 2;

  private final Optional<String> remark;
  private final ScorePlace place;
  private final List<String> tunes;
  private final List<String> names = new ArrayList<>();

  /**
   * Opens a text.
   *
   * @param remark how its letters were read, where that had to be guessed
   * @throws ScoreRejectedException when it is too long
   */
  public AbcScore(ScorePlace place, String text, Optional<String> remark)
      throws ScoreRejectedException {
    this.remark = remark;
    if (text.length() > LONGEST) {
      throw new ScoreRejectedException(
          place, "it is longer than two million letters; keep the tunes you need");
    }
    this.place = place;
    this.tunes = AbcReader.tunes(text.replace("\r\n", "\n").replace('\r', '\n'));
    for (int i = 0; i < tunes.size(); i++) {
      String name = titleOf(tunes.get(i));
      names.add(name.isEmpty() ? "tune " + (i + 1) : name);
    }
  }

  private static String titleOf(String tune) {
    return tune.lines()
        .filter(line -> line.startsWith("T:"))
        .findFirst()
        .map(line -> PlainWords.clean(line.substring(2)))
        .orElse("");
  }

  @Override
  public ScorePlace place() {
    return place;
  }

  @Override
  public List<String> partNames() {
    return List.copyOf(names);
  }

  @Override
  public boolean soundsTogether() {
    return false;
  }

  @Override
  public String title() {
    String first = titleOf(tunes.get(0));
    return first.isEmpty() ? place.file().replaceFirst("\\.[A-Za-z]+$", "") : first;
  }

  @Override
  public ReadPassage read(int part) throws ScoreRejectedException {
    AbcTune tune = AbcReader.read(tunes.get(part));
    ScorePlace here = place.inPart(names.get(part));
    Passage passage = tune.passage().orElseThrow(() -> nothing(here, tune));
    if (!isMusic(tune, passage)) {
      throw new ScoreRejectedException(
          here, "most of it is no music in ABC; name a tune that begins with X: and K:");
    }
    List<String> left = new ArrayList<>(remark.stream().toList());
    left.addAll(tune.left());
    tune.problems().forEach(problem -> left.add(words(problem)));
    return new ReadPassage(
        named(passage, part), Optional.empty(), StatedTuning.NONE, left, Optional.empty());
  }

  private static ScoreRejectedException nothing(ScorePlace here, AbcTune tune) {
    return new ScoreRejectedException(
        here,
        tune.problems().stream().findFirst().map(AbcScore::words).orElse("it holds no music"));
  }

  /** One bad sign refuses no tune; where most signs are bad it is none. */
  private static boolean isMusic(AbcTune tune, Passage passage) {
    long bad = tune.problems().stream().filter(p -> !p.isLength()).count();
    return bad <= Math.max(1, passage.events().size() / MOST_BAD);
  }

  private static String words(AbcProblem problem) {
    String bar = problem.bar() > 0 ? ", bar " + problem.bar() : "";
    return "line " + problem.line() + bar + ": " + problem.text();
  }

  private Passage named(Passage passage, int part) {
    return new Passage(
        names.get(part),
        names.get(part),
        passage.bars(),
        passage.events(),
        passage.slurs(),
        passage.tuplets(),
        passage.directions(),
        passage.transposition());
  }
}
