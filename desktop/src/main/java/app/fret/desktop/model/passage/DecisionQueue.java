package app.fret.desktop.model.passage;

import app.fret.book.Book;
import app.fret.desktop.model.work.Notice;
import app.fret.desktop.model.work.Workers;
import app.fret.files.musicxml.ScoreOutput;
import app.fret.files.packet.Packet;
import app.fret.instrument.OutOfRangeException;
import app.fret.instrument.Player;
import app.fret.lefthand.PinConflictException;
import app.fret.score.Passage;
import app.fret.study.Choices;
import app.fret.study.PencilMarks;
import app.fret.study.Study;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.function.Supplier;

/**
 * The decisions on an open passage on their way: each is planned on the planning thread, kept on
 * the book's, and only then in force; what cannot be met is refused and the last good one stays.
 * Decisions that wait are planned as one where that goes.
 */
final class DecisionQueue {
  /** Hears what comes of decisions, on the window's thread. */
  interface Answers {
    /** A decision is on its way. */
    void asked();

    /** One is in the book and in force. */
    void accepted(Study planned, String what);

    /** One stands against what is pinned. */
    void refused(PinConflictException conflict, Choices asked);

    /** Anything else there is to say. */
    void told(Notice notice);
  }

  private final PassageDesk.Opened opened;
  private final Book book;
  private final Workers workers;
  private final Supplier<Study> study;
  private final Answers answers;
  private final Decisions decisions;

  /** Decisions that wait to be planned, the oldest first. */
  private final Queue<Asked> waiting = new ConcurrentLinkedQueue<>();

  private Decision inForce;

  /** What stands in the book; of concern to the book's thread alone. */
  private Decision kept;

  /**
   * None on their way yet.
   *
   * @param study the study in force
   */
  DecisionQueue(
      PassageDesk.Opened opened,
      Book book,
      Workers workers,
      Supplier<Study> study,
      Answers answers) {
    this.opened = opened;
    this.book = book;
    this.workers = workers;
    this.study = study;
    this.answers = answers;
    Study first = study.get();
    this.inForce =
        new Decision(first.choices(), opened.owner().setup(), first.passage(), opened.origins());
    this.kept = inForce;
    this.decisions = new Decisions(inForce);
  }

  /** A decision that waits to be planned; each holds all those before it. */
  private record Asked(Decision decision, String what, Runnable onAccepted) {}

  /** What is wanted now, planned already or still on its way. */
  Decision wanted() {
    return decisions.wanted();
  }

  boolean canUndo() {
    return decisions.canUndo();
  }

  boolean canRedo() {
    return decisions.canRedo();
  }

  /** Wants something; what changes nothing takes no step of undo. */
  void ask(Decision next, String what) {
    Decision before = decisions.wanted();
    if (next.equals(before)) {
      answers.told(Notice.of(what + ". It was so already."));
      return;
    }
    decisions.want(next);
    send(next, what, () -> decisions.accepted(before));
  }

  /** Takes the last decision back. */
  void undo() {
    decisions
        .undo()
        .ifPresentOrElse(
            back -> send(back, "Taken back", () -> {}),
            () -> answers.told(Notice.of("Nothing to undo.")));
  }

  /** Makes the decision again that was taken back last. */
  void redo() {
    decisions
        .redo()
        .ifPresentOrElse(
            again -> send(again, "Made again", () -> {}),
            () -> answers.told(Notice.of("Nothing to redo.")));
  }

  private void send(Decision next, String what, Runnable onAccepted) {
    answers.asked();
    waiting.add(new Asked(next, what, onAccepted));
    workers.plan(this::planWhatWaits, this::refuse);
  }

  /**
   * Plans the newest of the decisions that wait, which holds all others. Where it cannot be met
   * they are planned one by one, so that one that cannot be met costs none that can.
   */
  private void planWhatWaits() {
    List<Asked> all = new ArrayList<>();
    for (Asked next = waiting.poll(); next != null; next = waiting.poll()) {
      all.add(next);
    }
    Optional<Study> atOnce = all.size() > 1 ? planAtOnce(all) : Optional.empty();
    if (atOnce.isPresent()) {
      Asked newest = all.get(all.size() - 1);
      Runnable onAccepted = () -> all.forEach(each -> each.onAccepted().run());
      keep(new Asked(newest.decision(), newest.what(), onAccepted), atOnce.get());
    } else {
      all.forEach(this::plan);
    }
  }

  private Optional<Study> planAtOnce(List<Asked> all) {
    try {
      return Optional.of(planned(all.get(all.size() - 1).decision()));
    } catch (PinConflictException | OutOfRangeException | IllegalArgumentException e) {
      return Optional.empty(); // then they are planned one by one, and the one to blame is named
    }
  }

  private void plan(Asked next) {
    try {
      keep(next, planned(next.decision()));
    } catch (PinConflictException e) {
      workers.show(() -> refuse(e, next.decision()));
    } catch (OutOfRangeException | IllegalArgumentException e) {
      workers.show(() -> refuse(Notice.of(e.getMessage())));
    }
  }

  private Study planned(Decision next) throws OutOfRangeException, PinConflictException {
    Study now = study.get();
    Player player = opened.intake().player(next.setup(), now.player().name());
    return next.music().equals(now.passage())
        ? now.with(player, next.choices())
        : Study.of(next.music(), player, next.choices())
            .withOthers(opened.othersUnder(next.music()));
  }

  /** Writes what differs from the book, then shows the plan. */
  private void keep(Asked asked, Study planned) {
    workers.keep(
        () -> {
          book.together(() -> write(asked.decision()));
          kept = asked.decision();
          workers.show(
              () -> {
                asked.onAccepted().run();
                inForce = asked.decision();
                answers.accepted(planned, asked.what());
              });
          keepMarks(planned);
        },
        this::refuse);
  }

  /** Keeps the marks of the plan that the passage was opened with, unless it has another now. */
  void keepFirstMarks() {
    Study first = study.get();
    Decision opening = inForce;
    workers.keepWhileOpen(
        () -> {
          if (kept == opening) {
            keepMarks(first);
          }
        },
        answers::told);
  }

  /** They are shown the next time until the passage is planned again. On the book's thread. */
  private void keepMarks(Study planned) {
    if (book.readOnlyReason().isEmpty()) {
      book.keepLastPlan(opened.entry().id(), PencilMarks.of(planned));
    }
  }

  private void write(Decision next) {
    book.keepChoices(opened.entry().id(), kept.choices(), next.choices());
    if (!next.music().equals(kept.music())) {
      book.keepEdited(opened.entry().id(), edited(next));
    }
    if (!next.setup().equals(kept.setup())) {
      book.keepSetup(opened.owner().id(), next.setup());
    }
  }

  /** The music as a file, where it differs from what was imported. */
  private Optional<Packet.Mended> edited(Decision decision) {
    Passage music = decision.music();
    if (music.equals(opened.passage())) {
      return Optional.empty();
    }
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try {
      ScoreOutput.write(music, Path.of("edited.mxl"), bytes);
    } catch (IOException e) {
      throw new UncheckedIOException(e); // memory takes whatever is written into it
    }
    String origins = decision.origins().toString();
    return Optional.of(new Packet.Mended(bytes.toByteArray(), Optional.of(origins)));
  }

  /** After a fault, even a mistake of Fret's own, the last good decision stays. */
  void refuse(Notice why) {
    decisions.refuse(inForce);
    answers.told(why);
  }

  /** A plan that was to be taken stands against what is pinned. */
  void refuse(PinConflictException conflict) {
    refuse(conflict, decisions.wanted());
  }

  private void refuse(PinConflictException conflict, Decision asked) {
    decisions.refuse(inForce);
    answers.refused(conflict, asked.choices());
  }
}
