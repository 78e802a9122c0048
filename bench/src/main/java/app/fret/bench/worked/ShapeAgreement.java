package app.fret.bench.worked;

import app.fret.lefthand.PinConflictException;
import app.fret.reading.PlayedNote;
import app.fret.score.Span;
import app.fret.shape.Phrase;
import app.fret.study.PatternOffer;
import app.fret.study.ProgrammeItem;
import app.fret.study.Study;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** Says how far phrases, peaks and bowing patterns agree with worked passages: {@code [a|b]}. */
public final class ShapeAgreement {
  private int found;
  private int missed;
  private int extra;
  private int peaksFound;
  private int peaks;
  private int patterns;
  private int patternsFirst;
  private int patternsAmong;
  private int patternsServe;

  private ShapeAgreement() {}

  /** Prints what is taken otherwise in each passage, then the shares over all. */
  public static void main(String[] args) {
    String half = args.length > 0 ? args[0] : "a";
    ShapeAgreement agreement = new ShapeAgreement();
    WorkedShape.read(half).forEach(agreement::add);
    agreement.print();
  }

  private void add(WorkedShape worked) {
    Study study = worked.study();
    List<String> borders = new ArrayList<>();
    List<String> led = new ArrayList<>();
    for (Phrase phrase : study.levels().phrases()) {
      borders.add(ProgrammeItem.place(study, phrase.firstNote()));
      led.add(ProgrammeItem.place(study, phrase.peak()));
    }
    borders.remove(0);
    List<String> lost = new ArrayList<>(worked.borders());
    lost.removeAll(borders);
    List<String> more = new ArrayList<>(borders);
    more.removeAll(worked.borders());
    List<String> otherPeaks = new ArrayList<>(worked.peaks());
    otherPeaks.removeAll(led);
    missed += lost.size();
    extra += more.size();
    found += worked.borders().size() - lost.size();
    peaks += worked.peaks().size();
    peaksFound += worked.peaks().size() - otherPeaks.size();
    System.out.printf(
        "%s: missed %s, extra %s; peaks %s where %s%n", worked.id(), lost, more, led, otherPeaks);
    addPattern(worked, study);
  }

  private void addPattern(WorkedShape worked, Study study) {
    List<String> names = offered(worked, study);
    List<String> wanted = worked.pattern().names();
    patterns++;
    patternsFirst += names.get(0).equals(wanted.get(0)) ? 1 : 0;
    patternsAmong += names.subList(0, 3).contains(wanted.get(0)) ? 1 : 0;
    patternsServe += wanted.contains(names.get(0)) ? 1 : 0;
    System.out.printf("  wants %s, offered %s%n", wanted, names);
  }

  private static List<String> offered(WorkedShape worked, Study study) {
    try {
      return PatternOffer.of(study, stretch(worked.pattern(), study)).stream()
          .map(o -> o.pattern().id())
          .toList();
    } catch (PinConflictException e) {
      throw new IllegalStateException(worked.id(), e);
    }
  }

  private static Span stretch(WorkedShape.Pattern pattern, Study study) {
    List<PlayedNote> notes = study.notes();
    List<String> bars =
        notes.stream().map(n -> study.passage().bars().get(n.bar()).label()).toList();
    int first = pattern.firstBar().equals("1") ? 0 : bars.indexOf(pattern.firstBar());
    return new Span(first, bars.lastIndexOf(pattern.lastBar()));
  }

  private void print() {
    System.out.printf(
        Locale.ROOT,
        "borders: %d of %d found, %d more; peaks: %d of %d%n",
        found,
        found + missed,
        extra,
        peaksFound,
        peaks);
    System.out.printf(
        "patterns: %d of %d first, %d among the first three; the first serves in %d%n",
        patternsFirst, patterns, patternsAmong, patternsServe);
  }
}
