package app.fret.bench;

import app.fret.edit.StaffPen;
import app.fret.engraving.Engraver;
import app.fret.engraving.Engraving;
import app.fret.files.abc.AbcReader;
import app.fret.files.abc.AbcRewriter;
import app.fret.files.abc.AbcTune;
import app.fret.files.abc.AbcWriter;
import app.fret.score.Passage;
import app.fret.score.Step;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** What follows a key stroke while music is written in: reading, rewriting, engraving. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 3, time = 2)
public class EntryBench {
  private static final double WIDTH_SPACES = 100;

  @Param({"32", "320"})
  private int bars;

  private String text;
  private StaffPen pen;

  /** Sixteenths in every bar. */
  @Setup
  public void write() {
    text = AbcWriter.write(Melody.of(bars * 16)).text();
    pen = StaffPen.over(AbcReader.read(text).passage().orElseThrow());
  }

  /** A letter typed in the line: the whole text is read and engraved. */
  @Benchmark
  public Engraving keyInTheLine() {
    Passage music = AbcReader.read(text).passage().orElseThrow();
    return new Engraver().engrave(music, WIDTH_SPACES);
  }

  /** A letter on the staff: the pen writes, the line follows, all is engraved. */
  @Benchmark
  public Engraving keyOnTheStaff() {
    AbcTune tune = AbcReader.read(text);
    String now = AbcRewriter.rewrite(text, tune, pen.note(Step.C).music().passage());
    return new Engraver().engrave(AbcReader.read(now).passage().orElseThrow(), WIDTH_SPACES);
  }
}
