package app.fret.book;

import app.fret.files.packet.Packet;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/** Makes packets of a book and takes others in. Runs inside a transaction of the book. */
final class PacketTaking {
  /** Area of what is no decision of the plan, such as the day. */
  static final String PASSAGE = "passage";

  static final String DUE = "due";
  static final String MENDED = "mended music";

  private final Players players;
  private final Passages passages;
  private final Decisions decisions;
  private final PracticeLog log;
  private final PracticeDays days;
  private final OtherItems others;
  private int newPassages;
  private int newPasses;
  private int newDecisions;
  private final List<Merged.Conflict> conflicts = new ArrayList<>();

  PacketTaking(
      Players players,
      Passages passages,
      Decisions decisions,
      PracticeLog log,
      PracticeDays days,
      OtherItems others) {
    this.players = players;
    this.passages = passages;
    this.decisions = decisions;
    this.log = log;
    this.days = days;
    this.others = others;
  }

  /** All that belongs to a player. */
  Packet packet(long playerId) {
    BookPlayer player =
        players.all().rows().stream().filter(p -> p.id() == playerId).findFirst().orElseThrow();
    return new Packet(
        player.name(),
        player.setup(),
        days.learner(playerId),
        passages.of(playerId).rows().stream().map(this::part).toList(),
        others.packed(playerId));
  }

  private Packet.Part part(BookPassage passage) {
    BookPassage.Cut cut = passage.cut();
    return new Packet.Part(
        passage.title(),
        passage.fileName(),
        passages.score(passage.id()),
        passages.edited(passage.id()),
        cut.part(),
        cut.firstBar(),
        cut.lastBar(),
        passage.target(),
        passage.dueOn(),
        decisions.all(passage.id()),
        log.all(passage.id()).stream().map(PacketTaking::pass).toList());
  }

  private static Packet.Pass pass(LogEntry entry) {
    LogEntry.Played played = entry.played();
    return new Packet.Pass(
        entry.at(),
        entry.tempo(),
        entry.seconds(),
        entry.clean(),
        played.card(),
        played.cold(),
        played.spot(),
        played.spotLeftOut(),
        played.hurts(),
        played.repeats(),
        played.words(),
        played.way());
  }

  private static LogEntry entry(long passageId, Packet.Pass pass) {
    OptionalDouble seconds = pass.seconds();
    return new LogEntry(
        passageId,
        pass.at(),
        pass.tempo(),
        seconds,
        pass.clean(),
        new LogEntry.Played(
            pass.card(),
            pass.cold(),
            pass.spot(),
            pass.spotLeftOut(),
            pass.hurts(),
            pass.repeats(),
            pass.words(),
            pass.way()));
  }

  /** Takes a packet in: for the player of that name and instrument, or as a new one. */
  Merged take(Packet packet) {
    BookPlayer player =
        players.all().rows().stream()
            .filter(p -> p.name().equals(packet.player()))
            .filter(p -> p.instrument().equals(packet.setup().instrument()))
            .findFirst()
            .orElseGet(() -> added(packet));
    for (Packet.Part part : packet.passages()) {
      Optional<BookPassage> known = known(player.id(), part);
      if (known.isPresent()) {
        merge(known.get(), part);
      } else {
        add(player.id(), part);
      }
    }
    others.merge(player.id(), packet.others());
    return new Merged(player, newPassages, newPasses, newDecisions, conflicts);
  }

  private BookPlayer added(Packet packet) {
    BookPlayer player = players.add(packet.player(), packet.setup());
    days.keep(player.id(), packet.learner());
    return player;
  }

  /** The same music, cut alike. */
  private Optional<BookPassage> known(long playerId, Packet.Part part) {
    BookPassage.Cut cut = cut(part);
    return passages.of(playerId).rows().stream()
        .filter(p -> p.cut().equals(cut))
        .filter(p -> Arrays.equals(passages.score(p.id()), part.score()))
        .findFirst();
  }

  private static BookPassage.Cut cut(Packet.Part part) {
    return new BookPassage.Cut(part.part(), part.firstBar(), part.lastBar());
  }

  private void add(long playerId, Packet.Part part) {
    BookPassage passage =
        passages.add(
            new NewPassage(
                playerId,
                part.title(),
                part.fileName(),
                part.score(),
                cut(part),
                part.target(),
                part.due()));
    passages.keepEdited(passage.id(), part.edited());
    part.decisions().forEach(row -> decisions.put(passage.id(), row));
    part.log().forEach(pass -> log.add(entry(passage.id(), pass)));
    newPassages++;
    newPasses += part.log().size();
    newDecisions += part.decisions().size();
  }

  private void merge(BookPassage passage, Packet.Part part) {
    mergeLog(passage, part);
    List<Packet.Row> here = decisions.all(passage.id());
    for (Packet.Row theirs : part.decisions()) {
      Optional<Packet.Row> mine =
          here.stream()
              .filter(r -> r.area().equals(theirs.area()) && r.item().equals(theirs.item()))
              .findFirst();
      if (mine.isEmpty()) {
        decisions.put(passage.id(), theirs);
        newDecisions++;
      } else if (!mine.get().value().equals(theirs.value())) {
        conflict(passage, theirs, mine.get().value());
      }
    }
    mergeDay(passage, part);
    mergeMusic(passage, part);
  }

  private void conflict(BookPassage passage, Packet.Row theirs, String here) {
    conflicts.add(
        new Merged.Conflict(
            passage, theirs.area(), theirs.item(), here, theirs.value(), theirs.version()));
  }

  /** A pass is the same when it was played at the same moment; so none is counted twice. */
  private void mergeLog(BookPassage passage, Packet.Part part) {
    Set<Instant> known = new HashSet<>();
    log.all(passage.id()).forEach(entry -> known.add(entry.at()));
    for (Packet.Pass pass : part.log()) {
      if (known.add(pass.at())) {
        log.add(entry(passage.id(), pass));
        newPasses++;
      }
    }
  }

  private void mergeDay(BookPassage passage, Packet.Part part) {
    if (part.due().isEmpty() || part.due().equals(passage.dueOn())) {
      return;
    }
    if (passage.dueOn().isEmpty()) {
      passages.keepDue(passage.id(), part.due());
      newDecisions++;
    } else {
      String theirs = part.due().get().toString();
      conflict(passage, new Packet.Row(PASSAGE, DUE, 1, theirs), passage.dueOn().get().toString());
    }
  }

  private void mergeMusic(BookPassage passage, Packet.Part part) {
    Optional<byte[]> here = passages.edited(passage.id());
    if (part.edited().isEmpty()
        || here.isPresent() && Arrays.equals(here.get(), part.edited().get())) {
      return;
    }
    if (here.isEmpty()) {
      passages.keepEdited(passage.id(), part.edited());
      newDecisions++;
    } else {
      conflict(passage, new Packet.Row(PASSAGE, MENDED, 1, "as theirs"), "as here");
    }
  }

  /** Takes what the packet says in place of what stands here. */
  void takeTheirs(Packet packet, Merged.Conflict conflict) {
    long id = conflict.passage().id();
    if (!conflict.area().equals(PASSAGE)) {
      decisions.put(
          id,
          new Packet.Row(conflict.area(), conflict.item(), conflict.version(), conflict.theirs()));
    } else if (conflict.item().equals(DUE)) {
      passages.keepDue(id, Optional.of(LocalDate.parse(conflict.theirs())));
    } else {
      packet.passages().stream()
          .filter(p -> cut(p).equals(conflict.passage().cut()))
          .filter(p -> Arrays.equals(passages.score(id), p.score()))
          .findFirst()
          .ifPresent(p -> passages.keepEdited(id, p.edited()));
    }
  }
}
