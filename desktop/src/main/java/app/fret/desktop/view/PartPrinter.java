package app.fret.desktop.view;

import app.fret.desktop.music.PartPage;
import app.fret.engraving.Paper;
import app.fret.engraving.PartPages;
import app.fret.files.pdf.MarkedPart;
import app.fret.study.Study;
import java.util.List;
import javafx.print.PageLayout;
import javafx.print.PrinterJob;
import javafx.stage.Window;

/** Sends the marked part to a printer of the system. */
final class PartPrinter {
  /** How printing went. */
  enum Outcome {
    PRINTED,
    CANCELLED,
    NO_PRINTER,
    FAILED
  }

  private final Study study;

  PartPrinter(Study study) {
    this.study = study;
  }

  /** Asks with the system's dialog, then prints. */
  Outcome print(Window owner) {
    PrinterJob job = PrinterJob.createPrinterJob();
    if (job == null) {
      return Outcome.NO_PRINTER;
    }
    if (!job.showPrintDialog(owner)) {
      job.cancelJob();
      return Outcome.CANCELLED;
    }
    PageLayout layout = job.getJobSettings().getPageLayout();
    Paper paper = paperOf(layout);
    List<PartPages.Page> pages = new MarkedPart(study).pages(paper);
    for (PartPages.Page page : pages) {
      if (!job.printPage(layout, PartPage.of(page, paper, layout))) {
        job.cancelJob();
        return Outcome.FAILED;
      }
    }
    return job.endJob() ? Outcome.PRINTED : Outcome.FAILED;
  }

  private static Paper paperOf(PageLayout layout) {
    double inchesHigh = layout.getPaper().getHeight() / 72;
    return inchesHigh < 11.3 ? Paper.LETTER : Paper.A4;
  }
}
