package app.fret.bench.worked;

import app.fret.shape.Phrase;
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
  }
}
