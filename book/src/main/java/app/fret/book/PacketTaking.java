package app.fret.book;

import app.fret.files.packet.Packet;
import app.fret.practice.schedule.Learner;
import app.fret.reading.NoteMoves;
import app.fret.score.Tempo;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;

/** Takes packets in, and makes packets of a book. Runs inside a transaction of the book. */
final class PacketTaking {
  private final Players players;
  private final Passages passages;
  private final Decisions decisions;
  private final PracticeLog log;
  private final PracticeDays days;
  private final OtherItems others;
  private final PacketTerms terms;
  private int newPassages;
  private int newPasses;
  private int newDecisions;
  private final List<Merged.Conflict> conflicts = new ArrayList<>();
  private final List<String> setAside = new ArrayList<>();

  PacketTaking(
      Players players,
      Passages passages,
      Decisions decisions,
      PracticeLog log,
      PracticeDays days,
      OtherItems others,
      PacketTerms terms) {
    this.players = players;
    this.passages = passages;
    this.decisions = decisions;
    this.log = log;
    this.days = days;
    this.others = others;
    this.terms = terms;
  }

  /** All that belongs to a player. */
  Packet packet(long playerId) {
    BookPlayer player = player(playerId);
    return new Packet(
        player.name(),
        player.setup(),
        terms.packedLearner(playerId),
        passages.of(playerId).rows().stream().map(this::part).toList(),
        others.packed(players.person(playerId)),
        terms.packedRounds(playerId));
  }

  private BookPlayer player(long playerId) {
    return players.all().rows().stream().filter(p -> p.id() == playerId).findFirst().orElseThrow();
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
        log.all(passage.id()).stream().map(PacketTaking::pass).toList(),
        log.takenBack(passage.id()),
        terms.packedNotes(passage.id()),
        terms.packedPutBacks(passage.id()));
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
        played.way(),
        played.misses());
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
            pass.way(),
            pass.misses()));
  }

  /** Takes a packet in: for the player of that name and instrument, or as a new one. */
  Merged take(Packet packet) {
    Optional<BookPlayer> here =
        players.all().rows().stream()
            .filter(p -> p.name().equals(packet.player()))
            .filter(p -> p.instrument().equals(packet.setup().instrument()))
            .findFirst();
    here.ifPresent(player -> mergePlayer(player, packet));
    BookPlayer player = here.orElseGet(() -> added(packet));
    List<Long> taken = new ArrayList<>();
    for (Packet.Part part : packet.passages()) {
      Optional<BookPassage> known = known(player.id(), part);
      known.ifPresent(passage -> merge(passage, part));
      long id = known.map(BookPassage::id).orElseGet(() -> add(player.id(), part));
      newDecisions += terms.mergePassage(id, part);
      taken.add(id);
    }
    conflicts.addAll(others.merge(players.person(player.id()), packet.others()));
    newDecisions += terms.merge(player.id(), packet, taken, conflicts);
    return new Merged(player, newPassages, newPasses, newDecisions, conflicts, setAside);
  }

  private BookPlayer added(Packet packet) {
    BookPlayer player = players.add(packet.player(), packet.setup());
    // One who is here already on another instrument keeps the days there are.
    if (players.person(player.id()) == player.id()) {
      days.keep(player.id(), packet.learner().withWeek(List.of()));
    }
    return player;
  }

  private void mergePlayer(BookPlayer player, Packet packet) {
    PlayerSettings here = new PlayerSettings(player.setup(), learner(player.id()));
    PlayerSettings theirs = new PlayerSettings(packet.setup(), packet.learner());
    for (PlayerSettings.Setting setting : PlayerSettings.ALL) {
      String mine = setting.words().apply(here);
      String other = setting.words().apply(theirs);
      conflict(Merged.Subject.PLAYER, Optional.empty(), setting.name(), mine, other);
    }
  }

  /** Tells of what both sides say, where it is not the same. */
  private void conflict(
      Merged.Subject subject,
      Optional<BookPassage> passage,
      String item,
      String here,
      String theirs) {
    if (!here.equals(theirs)) {
      conflicts.add(Merged.Conflict.of(subject, passage, item, here, theirs));
    }
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

  private Learner learner(long playerId) {
    return days.learner(players.person(playerId)).learner();
  }

  private long add(long playerId, Packet.Part part) {
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
    mergeLog(passage, part);
    newPassages++;
    newDecisions += part.decisions().size();
    return passage.id();
  }

  private void merge(BookPassage passage, Packet.Part part) {
    Optional<BookPassage> here = Optional.of(passage);
    mergeLog(passage, part);
    mergeDecisions(passage, part);
    conflict(Merged.Subject.TITLE, here, "title", passage.title(), part.title());
    conflict(
        Merged.Subject.TARGET, here, "target tempo", words(passage.target()), words(part.target()));
    mergeDay(passage, part);
  }

  private static String words(Tempo tempo) {
    return tempo.beat().name() + " " + tempo.perMinute();
  }

  /**
   * Their decisions hold on to their notes: they come to stand on the same notes of the music here.
   */
  private void mergeDecisions(BookPassage passage, Packet.Part part) {
    Map<List<String>, Packet.Row> here = new HashMap<>();
    List<Packet.Row> theirs = mergeMusic(passage, part);
    decisions.all(passage.id()).forEach(row -> here.put(List.of(row.area(), row.item()), row));
    for (Packet.Row row : theirs) {
      Packet.Row mine = here.get(List.of(row.area(), row.item()));
      if (mine == null) {
        decisions.put(passage.id(), row);
        newDecisions++;
      } else if (!mine.value().equals(row.value())) {
        conflicts.add(Merged.Conflict.of(passage, row, mine.value()));
      }
    }
  }

  /** Decides whose mended music stands, and gives their decisions as they stand in it. */
  private List<Packet.Row> mergeMusic(BookPassage passage, Packet.Part part) {
    Optional<Packet.Mended> here = passages.edited(passage.id());
    Optional<Packet.Mended> theirs = part.edited();
    boolean same =
        here.isPresent() == theirs.isPresent()
            && (here.isEmpty() || here.get().isSameMusic(theirs.get()));
    if (same) {
      return part.decisions();
    }
    MendedMusic music = MendedMusic.of(part.fileName(), part.score(), passage.cut());
    if (here.isEmpty()) {
      takeMusic(passage.id(), music, here, theirs);
      newDecisions++;
      return part.decisions();
    }
    theirs.ifPresent(
        t ->
            conflicts.add(
                Merged.Conflict.of(
                    Merged.Subject.MENDED_MUSIC,
                    Optional.of(passage),
                    "mended notes",
                    music.words(here.get()),
                    music.words(t))));
    NoteMoves moves = music.moves(theirs, here);
    List<Packet.Row> moved = MovedRows.of(part.decisions(), moves);
    setAside.addAll(moves.lost());
    return moved;
  }

  /** Other music stands from now on; what was decided here stays with its notes. */
  private void takeMusic(
      long passageId,
      MendedMusic music,
      Optional<Packet.Mended> before,
      Optional<Packet.Mended> now) {
    NoteMoves moves = music.moves(before, now);
    decisions.replaceAll(passageId, MovedRows.of(decisions.all(passageId), moves));
    passages.keepEdited(passageId, now);
    setAside.addAll(moves.lost());
  }

  /**
   * A pass is the same when it was played at the same moment, so none is counted twice; one that
   * either side took back is gone on both.
   */
  private void mergeLog(BookPassage passage, Packet.Part part) {
    part.takenBack().forEach(at -> log.takeBackAsThere(passage.id(), at));
    Set<Instant> gone = log.takenBack(passage.id());
    Map<Instant, LogEntry> known = new HashMap<>();
    log.all(passage.id()).forEach(entry -> known.put(entry.at(), entry));
    for (Packet.Pass pass : part.log()) {
      LogEntry theirs = entry(passage.id(), pass);
      LogEntry here = known.putIfAbsent(pass.at(), theirs);
      if (here != null) {
        mergeWords(passage, here, theirs);
      } else if (!gone.contains(pass.at())) {
        log.bring(theirs);
        newPasses++;
      }
    }
  }

  private void mergeWords(BookPassage passage, LogEntry here, LogEntry theirs) {
    Optional<String> said = theirs.played().words();
    if (said.isPresent() && here.played().words().isEmpty()) {
      log.note(here, said);
    } else if (said.isPresent()) {
      conflict(
          Merged.Subject.WORDS_ON_PASS,
          Optional.of(passage),
          here.at().toString(),
          here.played().words().orElseThrow(),
          said.get());
    }
  }

  private void mergeDay(BookPassage passage, Packet.Part part) {
    if (part.due().isPresent() && passage.dueOn().isEmpty()) {
      passages.keepDue(passage.id(), part.due());
      newDecisions++;
    } else if (part.due().isPresent()) {
      conflict(
          Merged.Subject.DUE,
          Optional.of(passage),
          "the day it is for",
          passage.dueOn().orElseThrow().toString(),
          part.due().get().toString());
    }
  }

  /**
   * Takes what the packet says in place of what stands here.
   *
   * @return a phrase for each decision whose note the music that stands now does not have
   */
  List<String> takeTheirs(Packet packet, long playerId, Merged.Conflict conflict) {
    switch (conflict.subject()) {
      case DECISION ->
          decisions.put(conflict.passage().orElseThrow().id(), conflict.row().orElseThrow());
      case PLAYER -> takeSetting(packet, playerId, conflict.item());
      case MINUTES_BESIDE ->
          others.takeMinutes(players.person(playerId), packet.others(), conflict.item());
      case ROUND -> terms.takeRound(playerId, packet, here(packet, playerId), conflict.item());
      default -> takeOfPassage(packet, conflict.passage().orElseThrow(), conflict);
    }
    return List.copyOf(setAside);
  }

  /** Numbers of a packet's passages in this book, by place. */
  private List<Long> here(Packet packet, long playerId) {
    return packet.passages().stream()
        .map(part -> known(playerId, part).map(BookPassage::id).orElse(-1L))
        .toList();
  }

  private void takeSetting(Packet packet, long playerId, String name) {
    if (name.equals(PacketTerms.WEEK)) {
      terms.takeWeek(playerId, packet, here(packet, playerId));
      return;
    }
    PlayerSettings here = new PlayerSettings(player(playerId).setup(), learner(playerId));
    PlayerSettings theirs = new PlayerSettings(packet.setup(), packet.learner());
    PlayerSettings now =
        PlayerSettings.ALL.stream()
            .filter(setting -> setting.name().equals(name))
            .findFirst()
            .orElseThrow()
            .taken()
            .apply(here, theirs);
    players.keepSetup(playerId, now.setup());
    days.keep(players.person(playerId), now.learner());
  }

  private void takeOfPassage(Packet packet, BookPassage passage, Merged.Conflict conflict) {
    long id = passage.id();
    Packet.Part part =
        packet.passages().stream()
            .filter(p -> cut(p).equals(passage.cut()))
            .filter(p -> Arrays.equals(passages.score(id), p.score()))
            .findFirst()
            .orElseThrow();
    switch (conflict.subject()) {
      case TITLE -> passages.keepTitle(id, part.title());
      case TARGET -> passages.keepTarget(id, part.target());
      case DUE -> passages.keepDue(id, part.due());
      case MENDED_MUSIC ->
          takeMusic(
              id,
              MendedMusic.of(part.fileName(), part.score(), passage.cut()),
              passages.edited(id),
              part.edited());
      case WORDS_ON_PASS ->
          log.all(id).stream()
              .filter(pass -> pass.at().toString().equals(conflict.item()))
              .forEach(pass -> log.note(pass, Optional.of(conflict.theirs())));
      default -> throw new IllegalArgumentException("not of a passage: " + conflict.subject());
    }
  }
}
