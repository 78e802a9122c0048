package app.fret.book;

import app.fret.files.packet.Packet;
import app.fret.practice.schedule.FixedCard;
import app.fret.practice.schedule.Learner;
import app.fret.practice.schedule.PutBack;
import app.fret.practice.schedule.Round;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * What was agreed on, in packets: the week a teacher set, rounds, notes, what was put back after
 * pain. In a packet a passage is known by its place, see {@link Packet#PASSAGE}.
 */
final class PacketTerms {
  /** What the week is called where both sides set one. */
  static final String WEEK = "the week that was set";

  private final Players players;
  private final Passages passages;
  private final OtherItems others;
  private final PracticeDays days;
  private final Rounds rounds;
  private final PassageNotes notes;
  private final PutBacks putBacks;

  PacketTerms(
      Players players,
      Passages passages,
      OtherItems others,
      PracticeDays days,
      Rounds rounds,
      PassageNotes notes,
      PutBacks putBacks) {
    this.players = players;
    this.passages = passages;
    this.others = others;
    this.days = days;
    this.rounds = rounds;
    this.notes = notes;
    this.putBacks = putBacks;
  }

  /** Where items stand in a packet: their numbers in this book, by place. */
  record Places(List<Long> passages, List<Long> others) {
    String packed(String item) {
      boolean isOther = item.startsWith(OtherItem.ITEM_PREFIX);
      long id = Long.parseLong(isOther ? item.substring(OtherItem.ITEM_PREFIX.length()) : item);
      int place = (isOther ? others : passages).indexOf(id);
      return place < 0 ? "" : (isOther ? Packet.OTHER : Packet.PASSAGE) + place;
    }

    String here(String packed) {
      boolean isOther = packed.startsWith(Packet.OTHER);
      int place =
          Integer.parseInt(packed.substring((isOther ? Packet.OTHER : Packet.PASSAGE).length()));
      List<Long> among = isOther ? others : passages;
      return place >= among.size()
          ? ""
          : isOther ? OtherItem.ITEM_PREFIX + among.get(place) : String.valueOf(among.get(place));
    }
  }

  /** How a player practises, as it goes into a packet. */
  Learner packedLearner(long playerId) {
    Learner learner = days.learner(players.person(playerId)).learner();
    return learner.withWeek(mapped(learner.week(), places(playerId)::packed));
  }

  /** The rounds, each with those of its passages that are in the packet. */
  List<Round> packedRounds(long playerId) {
    return rounds.of(players.person(playerId)).rows().stream()
        .map(r -> mapped(r, places(playerId)::packed))
        .toList();
  }

  private Places places(long playerId) {
    return new Places(
        passages.of(playerId).rows().stream().map(BookPassage::id).toList(),
        others.of(players.person(playerId)).rows().stream().map(OtherItem::id).toList());
  }

  private static List<FixedCard> mapped(List<FixedCard> week, UnaryOperator<String> items) {
    return week.stream()
        .map(
            c ->
                new FixedCard(
                    c.weekday(),
                    items.apply(c.item()),
                    c.kind(),
                    c.minutes(),
                    c.perMinute(),
                    c.drill(),
                    c.spot(),
                    c.words()))
        .filter(c -> !c.item().isEmpty())
        .toList();
  }

  private static Round mapped(Round round, UnaryOperator<String> items) {
    return new Round(
        round.name(),
        round.date(),
        round.items().stream().map(items).filter(i -> !i.isEmpty()).toList());
  }

  /** Notes and what was put back, of a passage. */
  List<Packet.Note> packedNotes(long passageId) {
    return notes.of(passageId).rows().stream().map(PacketTerms::note).toList();
  }

  private static Packet.Note note(PassageNote note) {
    return new Packet.Note(
        note.at(),
        note.by().id(),
        note.bar(),
        note.words(),
        note.video().map(PassageNote.VideoPlace::file),
        note.video().map(PassageNote.VideoPlace::seconds).orElse(0));
  }

  private static PassageNote note(Packet.Note note) {
    return new PassageNote(
        note.at(),
        PassageNote.By.ofId(note.by()),
        note.bar(),
        note.words(),
        note.video().map(file -> new PassageNote.VideoPlace(file, note.videoSeconds())));
  }

  List<PutBack> packedPutBacks(long passageId) {
    return putBacks.of(passageId).rows();
  }

  /**
   * Adds what was said of a passage there and not here.
   *
   * @return how many notes and putting backs are new
   */
  int mergePassage(long passageId, Packet.Part part) {
    int added = 0;
    for (Packet.Note note : part.notes()) {
      added += notes.add(passageId, note(note)) ? 1 : 0;
    }
    List<PutBack> here = putBacks.of(passageId).rows();
    for (PutBack back : part.putBack()) {
      if (!here.contains(back)) {
        putBacks.add(passageId, back);
        added++;
      }
    }
    return added;
  }

  /**
   * Takes week and rounds in where this book has none of the kind.
   *
   * @param playerId whose they are
   * @param passages numbers of the packet's passages in this book, by place
   * @param into where to tell what both sides say differently
   * @return how many are new
   */
  int merge(long playerId, Packet packet, List<Long> passages, List<Merged.Conflict> into) {
    Places places = placesHere(playerId, packet, passages);
    return mergeWeek(playerId, packet, places, into) + mergeRounds(playerId, packet, places, into);
  }

  private int mergeWeek(long playerId, Packet packet, Places places, List<Merged.Conflict> into) {
    List<FixedCard> theirs = mapped(packet.learner().week(), places::here);
    Learner learner = days.learner(players.person(playerId)).learner();
    if (theirs.isEmpty() || theirs.equals(learner.week())) {
      return 0;
    }
    if (learner.week().isEmpty()) {
      days.keep(players.person(playerId), learner.withWeek(theirs));
      return theirs.size();
    }
    into.add(
        Merged.Conflict.of(
            Merged.Subject.PLAYER, Optional.empty(), WEEK, cards(learner.week()), cards(theirs)));
    return 0;
  }

  private static String cards(List<FixedCard> week) {
    int minutes = week.stream().mapToInt(FixedCard::minutes).sum();
    return week.size() + (week.size() == 1 ? " card" : " cards") + ", " + minutes + " min";
  }

  private int mergeRounds(long playerId, Packet packet, Places places, List<Merged.Conflict> into) {
    List<Round> here = new ArrayList<>(rounds.of(players.person(playerId)).rows());
    int added = 0;
    for (Round packed : packet.rounds()) {
      Round theirs = mapped(packed, places::here);
      Optional<Round> same = here.stream().filter(r -> r.name().equals(theirs.name())).findFirst();
      if (same.isEmpty()) {
        here.add(theirs);
        added++;
      } else if (!same.get().equals(theirs)) {
        into.add(
            Merged.Conflict.of(
                Merged.Subject.ROUND,
                Optional.empty(),
                theirs.name(),
                words(same.get()),
                words(theirs)));
      }
    }
    if (added > 0) {
      rounds.keep(players.person(playerId), here);
    }
    return added;
  }

  private static String words(Round round) {
    int count = round.items().size();
    return round.date() + ", " + count + (count == 1 ? " passage" : " passages");
  }

  /** Takes the packet's week in place of the one here. */
  void takeWeek(long playerId, Packet packet, List<Long> passages) {
    Places places = placesHere(playerId, packet, passages);
    long person = players.person(playerId);
    List<FixedCard> theirs = mapped(packet.learner().week(), places::here);
    days.keep(person, days.learner(person).learner().withWeek(theirs));
  }

  /** Takes the packet's round of a name in place of the one here. */
  void takeRound(long playerId, Packet packet, List<Long> passages, String name) {
    Places places = placesHere(playerId, packet, passages);
    long person = players.person(playerId);
    List<Round> now = new ArrayList<>(rounds.of(person).rows());
    now.removeIf(r -> r.name().equals(name));
    packet.rounds().stream()
        .filter(r -> r.name().equals(name))
        .forEach(r -> now.add(mapped(r, places::here)));
    rounds.keep(person, now);
  }

  private Places placesHere(long playerId, Packet packet, List<Long> passages) {
    List<OtherItem> here = others.of(players.person(playerId)).rows();
    List<Long> ids =
        packet.others().stream()
            .map(
                o ->
                    here.stream()
                        .filter(i -> i.kind().id().equals(o.kind()) && i.title().equals(o.title()))
                        .map(OtherItem::id)
                        .findFirst()
                        .orElse(-1L))
            .toList();
    return new Places(passages, ids);
  }
}
