package app.fret.files.abc;

import app.fret.score.Accidental;
import app.fret.score.Bar;
import app.fret.score.BarAccidentals;
import app.fret.score.Directions;
import app.fret.score.EightBelow;
import app.fret.score.Finger;
import app.fret.score.Marks;
import app.fret.score.Note;
import app.fret.score.NoteValue;
import app.fret.score.Passage;
import app.fret.score.PassageBuilder;
import app.fret.score.Sounding;
import app.fret.score.Span;
import app.fret.score.Ties;
import app.fret.score.Tuplet;
import app.fret.score.WrittenLength;
import app.fret.score.WrittenPitch;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import org.apache.commons.numbers.fraction.Fraction;

/** Makes a passage of bars as they were read. */
final class AbcAssembler {
  /** The shortest note, as a part of a whole one, and the longest, in whole ones. */
  static final int SHORTEST = 128;

  static final Fraction LONGEST = Fraction.of(16);

  private final AbcFindings findings;
  private final List<AbcBar> bars;
  private final Set<AbcBar> endedByLines;
  private final Map<Integer, List<AbcMusicFields.AbcTempo>> temposByBar;
  private final PassageBuilder builder = new PassageBuilder();
  private final List<Integer> places = new ArrayList<>();
  private final Deque<Integer> openSlurs = new ArrayDeque<>();
  private final List<Directions.Dynamic> dynamics = new ArrayList<>();
  private final List<Directions.Hairpin> hairpins = new ArrayList<>();
  private final List<Directions.Words> words = new ArrayList<>();
  private final List<Directions.TempoMark> marks = new ArrayList<>();
  private Optional<AbcSigns.Wedge> wedge = Optional.empty();
  private Fraction wedgeFrom = Fraction.ZERO;
  private int tupletFrom;
  private Optional<AbcItem> tiedFrom = Optional.empty();

  AbcAssembler(
      AbcFindings findings,
      List<AbcBar> bars,
      List<AbcMusicFields.AbcTempo> tempos,
      Set<AbcBar> endedByLines) {
    this.endedByLines = Set.copyOf(endedByLines);
    this.findings = findings;
    this.bars = bars;
    this.temposByBar = tempos.stream().collect(Collectors.groupingBy(AbcMusicFields.AbcTempo::bar));
  }

  /** By event: where it begins in the text. */
  List<Integer> places() {
    return places;
  }

  /** The passage; empty when there is no bar. */
  Optional<Passage> assemble(String title, String partName) {
    if (bars.isEmpty()) {
      return Optional.empty();
    }
    boolean pickup = isPickup(bars.get(0));
    for (int i = 0; i < bars.size(); i++) {
      addBar(i, pickup);
    }
    refuseOpen();
    Passage passage =
        builder
            .title(title)
            .part(partName)
            .directions(new Directions(dynamics, hairpins, words, marks, List.of(), List.of()))
            .build();
    Passage tied = passage.withEvents(Ties.settled(passage.events()));
    return Optional.of(EightBelow.settled(BarAccidentals.completed(tied)));
  }

  private void refuseOpen() {
    int end = bars.get(bars.size() - 1).to();
    if (!openSlurs.isEmpty()) {
      findings.doubt(
          end - 1,
          end,
          bars.size(),
          "a slur is not closed and is left out; write ) behind its last note",
          AbcMend.with("End it at the last note", lastNoteEnd(), ")"));
    }
    if (tiedFrom.isPresent()) {
      refuseTie(tiedFrom.get(), bars.size());
    }
    if (wedge.isPresent()) {
      hairpins.add(new Directions.Hairpin(wedgeFrom, builder.time(), grows()));
    }
  }

  private int lastNoteEnd() {
    int end = bars.get(bars.size() - 1).to();
    for (AbcBar bar : bars) {
      for (AbcItem item : bar.items()) {
        end = item.isRest() ? end : item.end();
      }
    }
    return end;
  }

  private boolean grows() {
    return wedge.filter(AbcSigns.Wedge.GROWS::equals).isPresent();
  }

  private boolean isPickup(AbcBar first) {
    return bars.size() > 1
        && !first.metre().isFree()
        && first.length().compareTo(first.metre().barLength()) < 0;
  }

  private void addBar(int index, boolean pickup) {
    AbcBar bar = bars.get(index);
    int number = pickup ? index : index + 1;
    checkLength(bar, index, number, pickup);
    builder.metre(bar.metre()).key(bar.key()).bar(String.valueOf(number));
    builder.clef(bar.clef()).edges(bar.edges());
    if (pickup && index == 0) {
      builder.uncounted();
    }
    if (bar.restsWhole() && !bar.metre().isFree()) {
      addTempos(index, 0);
      addWholeRest(bar, number);
      return;
    }
    for (int i = 0; i < bar.items().size(); i++) {
      Optional.ofNullable(bar.clefsBefore().get(i)).ifPresent(builder::clef);
      addTempos(index, i);
      addItem(bar.items().get(i), number);
    }
  }

  private void addWholeRest(AbcBar bar, int number) {
    int event = builder.nextEvent();
    bar.items().forEach(this::addDirections);
    places.add(bar.from());
    builder.restForWholeBar();
    for (AbcItem item : bar.items()) {
      addSlurs(item, event, number);
      if (item.signs().wedges().contains(AbcSigns.Wedge.ENDS)) {
        endWedge();
      }
    }
    tiedFrom.ifPresent(from -> refuseTie(from, number));
    tiedFrom = Optional.empty();
  }

  private void checkLength(AbcBar bar, int index, int number, boolean pickup) {
    if (bar.metre().isFree()) {
      return;
    }
    int order = bar.length().compareTo(bar.metre().barLength());
    String sum = "bar " + number + " is " + BarSums.words(bar.length(), bar.metre());
    if (order > 0) {
      findings.length(
          bar.from(),
          bar.to(),
          number,
          sum + "; it is kept so; take something out or set a bar line",
          splits(bar));
    } else if (order < 0 && !(pickup && index == 0) && !maySplit(index)) {
      AbcItem last = bar.items().get(bar.items().size() - 1);
      findings.length(
          last.from(), last.end(), number, sum + "; put in what is missing", fill(bar, last));
    } else if (endedByLines.contains(bar) && index < bars.size() - 1 && !isDrawn(index)) {
      findings.doubt(
          Math.max(bar.from(), bar.to() - 1),
          bar.to(),
          number,
          "the bar line at the end of the line is missing; read as if it stood there",
          AbcMend.with("Set a bar line", bar.to(), " |"));
    }
  }

  /** Whether its line stands at the head of the next line of the text. */
  private boolean isDrawn(int index) {
    Bar.Edges edges = bars.get(index).edges();
    boolean next = bars.get(index + 1).edges().repeatStart();
    return edges.repeatTimes() > 0 || edges.line() != Bar.Line.PLAIN || next;
  }

  /** A bar line where the metre is full, if a note begins there. */
  private static AbcMend[] splits(AbcBar bar) {
    Fraction sum = Fraction.ZERO;
    for (AbcItem item : bar.items()) {
      if (sum.equals(bar.metre().barLength())) {
        return new AbcMend[] {AbcMend.with("Set a bar line", item.from(), "| ")};
      }
      sum = sum.add(item.duration());
    }
    return new AbcMend[0];
  }

  /** A rest for what is missing, behind the last note. */
  private static AbcMend fill(AbcBar bar, AbcItem last) {
    Fraction missing = bar.metre().barLength().subtract(bar.length()).divide(bar.unitLength());
    return AbcMend.with("Add a rest", last.end(), " z" + AbcWriter.length(missing));
  }

  /** The last bar, and bars at a repeat sign, may be short: the rest stands elsewhere. */
  private boolean maySplit(int index) {
    Bar.Edges edges = bars.get(index).edges();
    boolean afterRepeat = index > 0 && bars.get(index - 1).edges().repeatTimes() > 0;
    return index == bars.size() - 1
        || edges.repeatStart()
        || edges.repeatTimes() > 0
        || edges.endingStart().isPresent()
        || afterRepeat;
  }

  private void addTempos(int bar, int item) {
    for (AbcMusicFields.AbcTempo tempo : temposByBar.getOrDefault(bar, List.of())) {
      if (tempo.item() == item) {
        tempo
            .speed()
            .tempo()
            .ifPresent(t -> marks.add(new Directions.TempoMark(builder.time(), t)));
        if (!tempo.speed().words().isEmpty()) {
          words.add(new Directions.Words(builder.time(), tempo.speed().words(), true));
        }
      }
    }
  }

  private void addItem(AbcItem item, int bar) {
    Optional<List<WrittenLength>> lengths = lengths(item);
    if (lengths.isEmpty()) {
      findings.problem(
          item.from(),
          item.from() + 1,
          bar,
          "the length "
              + item.length()
              + " of a whole note is no note value; for a triplet write (3");
      return;
    }
    addDirections(item);
    int first = builder.nextEvent();
    if (item.beginsTuplet()) {
      tupletFrom = first;
    }
    if (item.isRest()) {
      lengths.get().forEach(builder::rest);
      tiedFrom.ifPresent(from -> refuseTie(from, bar));
      tiedFrom = Optional.empty();
    } else {
      addSounding(item, lengths.get(), bar);
    }
    for (int i = first; i < builder.nextEvent(); i++) {
      places.add(item.from());
    }
    if (item.endsTuplet()) {
      boolean bracket = item.length().compareTo(Fraction.of(1, 4)) >= 0;
      Span span = new Span(tupletFrom, builder.nextEvent() - 1);
      builder.tuplet(new Tuplet(span, item.ratio(), bracket));
    }
    addSlurs(item, first, bar);
    if (item.signs().wedges().contains(AbcSigns.Wedge.ENDS)) {
      endWedge();
    }
  }

  private Optional<List<WrittenLength>> lengths(AbcItem item) {
    int below = item.length().getDenominator();
    boolean plain = Integer.bitCount(below) == 1 && below <= SHORTEST;
    if (!plain || item.length().compareTo(LONGEST) > 0) {
      return Optional.empty();
    }
    return Optional.of(
        WrittenLength.filling(item.length()).stream()
            .map(w -> new WrittenLength(w.value(), w.dots(), item.ratio()))
            .toList());
  }

  private void addDirections(AbcItem item) {
    Fraction time = builder.time();
    item.signs().dynamics().forEach(d -> dynamics.add(new Directions.Dynamic(time, d)));
    item.signs().texts().forEach(t -> words.add(new Directions.Words(time, t.words(), t.above())));
    for (AbcSigns.Wedge sign : item.signs().wedges()) {
      if (sign != AbcSigns.Wedge.ENDS) {
        endWedge();
        wedge = Optional.of(sign);
        wedgeFrom = time;
      }
    }
  }

  private void endWedge() {
    if (wedge.isPresent() && builder.time().compareTo(wedgeFrom) > 0) {
      hairpins.add(new Directions.Hairpin(wedgeFrom, builder.time(), grows()));
    }
    wedge = Optional.empty();
  }

  private void addSounding(AbcItem item, List<WrittenLength> lengths, int bar) {
    boolean isGrace = item.grace() != Sounding.Grace.NONE;
    Optional<AbcItem> before = isGrace ? Optional.empty() : tiedFrom;
    before.ifPresent(from -> checkTie(from, item, bar));
    if (isGrace) {
      WrittenLength eighth = WrittenLength.of(NoteValue.EIGHTH);
      builder.grace(
          lengths.size() == 1 ? lengths.get(0) : eighth,
          item.grace(),
          heads(item, before, true, true),
          item.signs().marks());
      return;
    }
    for (int piece = 0; piece < lengths.size(); piece++) {
      boolean first = piece == 0;
      boolean last = piece == lengths.size() - 1;
      Marks here = first ? item.signs().marks() : Marks.NONE;
      builder.sounding(lengths.get(piece), heads(item, before, first, last), here);
    }
    boolean ties = item.heads().stream().anyMatch(AbcItem.Head::isTied);
    tiedFrom = ties ? Optional.of(item) : Optional.empty();
  }

  private void checkTie(AbcItem from, AbcItem to, int bar) {
    Set<WrittenPitch> arriving = new HashSet<>();
    to.heads().forEach(h -> arriving.add(h.pitch()));
    boolean all =
        from.heads().stream()
            .filter(AbcItem.Head::isTied)
            .allMatch(h -> arriving.contains(h.pitch()));
    if (!all) {
      refuseTie(from, bar);
    }
  }

  private void refuseTie(AbcItem from, int bar) {
    findings.doubt(
        from.from(),
        from.from() + 1,
        bar,
        "the tie leads to no note of the same pitch and joins nothing; write a slur, ( and ), or"
            + " mend the pitch");
  }

  private List<Note> heads(AbcItem item, Optional<AbcItem> before, boolean first, boolean last) {
    List<Note> heads = new ArrayList<>();
    for (AbcItem.Head head : item.heads()) {
      boolean arrives = !first || before.filter(b -> ties(b, head.pitch())).isPresent();
      Optional<Accidental> sign =
          first && !arrives && head.isSigned()
              ? Optional.of(new Accidental(Accidental.Kind.ofAlter(head.pitch().alter()), false))
              : Optional.<Accidental>empty();
      Optional<Finger> finger = first ? head.finger() : Optional.empty();
      heads.add(
          new Note(
              head.pitch(),
              arrives,
              !last || head.isTied(),
              sign,
              finger,
              OptionalInt.empty(),
              Note.Harmonic.NONE));
    }
    return heads;
  }

  private static boolean ties(AbcItem before, WrittenPitch pitch) {
    return before.heads().stream().anyMatch(h -> h.isTied() && h.pitch().equals(pitch));
  }

  private void addSlurs(AbcItem item, int first, int bar) {
    for (int i = 0; i < item.slursFrom(); i++) {
      openSlurs.push(first);
    }
    for (int i = 0; i < item.slursTo(); i++) {
      Optional<Integer> from = openSlurs.stream().filter(open -> open < first).findFirst();
      if (from.isEmpty()) {
        findings.doubt(
            item.from(),
            item.from() + 1,
            bar,
            "a slur ends where none began and is left out; write ( before its first note",
            AbcMend.without(item.end() - 1, item.end()));
      } else {
        // A note may end one slur and begin the next: what began here does not end here.
        openSlurs.removeFirstOccurrence(from.get());
        builder.slur(from.get(), builder.nextEvent() - 1);
      }
    }
  }
}
