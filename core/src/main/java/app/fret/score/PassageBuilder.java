package app.fret.score;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.apache.commons.numbers.fraction.Fraction;

/**
 * Builds a passage bar by bar; readers, drills and tests all make theirs here.
 *
 * <p>Metre, key and clef hold until others are set. Events follow each other in their bar, and a
 * bar is as long as they are. Not for use by several threads.
 */
public final class PassageBuilder {
  private final List<Bar> bars = new ArrayList<>();
  private final List<Event> events = new ArrayList<>();
  private final List<Span> slurs = new ArrayList<>();
  private final List<Tuplet> tuplets = new ArrayList<>();
  private String title = "";
  private String partName = "";
  private Directions directions = Directions.NONE;
  private Optional<Transposition> transposition = Optional.empty();
  private Metre metre = Metre.of(4, 4);
  private Key key = new Key(0);
  private Clef clef = Clef.TREBLE;
  private Fraction time = Fraction.ZERO;
  private boolean barOpen;
  private String label = "";
  private boolean uncounted;
  private Fraction barOnset = Fraction.ZERO;
  private Metre barMetre = metre;
  private Key barKey = key;
  private Bar.Edges edges = Bar.Edges.PLAIN;
  private final List<Bar.ClefAt> clefs = new ArrayList<>();

  /** Names the passage. */
  public PassageBuilder title(String newTitle) {
    title = newTitle;
    return this;
  }

  /** Names the part. */
  public PassageBuilder part(String name) {
    partName = name;
    return this;
  }

  /** Sets the metre from the next bar on. */
  public PassageBuilder metre(Metre newMetre) {
    metre = newMetre;
    return this;
  }

  /** Sets the key from the next bar on. */
  public PassageBuilder key(Key newKey) {
    key = newKey;
    return this;
  }

  /** Sets the clef from here on. */
  public PassageBuilder clef(Clef newClef) {
    clef = newClef;
    if (barOpen) {
      clefAt(time, newClef);
    }
    return this;
  }

  /** Sets what is printed over and under the staff. */
  public PassageBuilder directions(Directions all) {
    directions = all;
    return this;
  }

  /** Sets how far the part says it sounds from what is written. */
  public PassageBuilder transposition(Optional<Transposition> stated) {
    transposition = stated;
    return this;
  }

  /** Begins a bar with a label of its own, such as the number a file gives it. */
  public PassageBuilder bar(String newLabel) {
    if (barOpen) {
      endBar();
    }
    barOpen = true;
    label = newLabel;
    uncounted = false;
    edges = Bar.Edges.PLAIN;
    barOnset = time;
    barMetre = metre;
    barKey = key;
    clefs.clear();
    clefs.add(new Bar.ClefAt(time, clef));
    return this;
  }

  /** Begins the next bar, numbered after the one before. */
  public PassageBuilder bar() {
    return bar(String.valueOf(bars.size() + (barOpen ? 2 : 1)));
  }

  /** Leaves the open bar out of the count, as a pickup is. */
  public PassageBuilder uncounted() {
    requireBar();
    uncounted = true;
    return this;
  }

  /** Draws the lines of the open bar. */
  public PassageBuilder edges(Bar.Edges newEdges) {
    requireBar();
    edges = newEdges;
    return this;
  }

  /** Adds a note or a chord. */
  public PassageBuilder sounding(WrittenLength written, List<Note> heads, Marks marks) {
    add(
        new Sounding(
            openBar(), time, written.length(), written, Sounding.Grace.NONE, heads, marks));
    return this;
  }

  /** Adds a note or a chord with no signs. */
  public PassageBuilder note(WrittenLength written, WrittenPitch... pitches) {
    List<Note> heads = new ArrayList<>();
    for (WrittenPitch pitch : pitches) {
      heads.add(Note.of(pitch));
    }
    return sounding(written, heads, Marks.NONE);
  }

  /** Adds a grace note, which takes no time. */
  public PassageBuilder grace(
      WrittenLength written, Sounding.Grace kind, List<Note> heads, Marks marks) {
    add(new Sounding(openBar(), time, Fraction.ZERO, written, kind, heads, marks));
    return this;
  }

  /** Adds a rest. */
  public PassageBuilder rest(WrittenLength written) {
    add(new Rest(openBar(), time, written.length(), written, false));
    return this;
  }

  /** Fills the open bar with one rest. */
  public PassageBuilder restForWholeBar() {
    WrittenLength whole = WrittenLength.of(NoteValue.WHOLE);
    add(new Rest(openBar(), time, barMetre.barLength(), whole, true));
    return this;
  }

  /**
   * Adds a whole bar as a reader found it; it begins where the bar before ends.
   *
   * @param itsEvents what stands in it, in order of time
   */
  public PassageBuilder bar(Bar whole, List<Event> itsEvents) {
    if (barOpen) {
      endBar();
    }
    if (!whole.onset().equals(time)) {
      throw new IllegalArgumentException(
          "bar " + whole.label() + " begins at " + whole.onset() + ", not at " + time);
    }
    bars.add(whole);
    events.addAll(itsEvents);
    time = whole.end();
    return this;
  }

  /** Number of events so far, which is the number of the next one. */
  public int nextEvent() {
    return events.size();
  }

  /** How far the music has come. */
  public Fraction time() {
    return time;
  }

  /** Slurs events that are there or will be. */
  public PassageBuilder slur(int first, int last) {
    slurs.add(new Span(first, last));
    return this;
  }

  /** Brackets events that are there or will be as a tuplet. */
  public PassageBuilder tuplet(Tuplet tuplet) {
    tuplets.add(tuplet);
    return this;
  }

  /** Changes the clef inside the open bar. */
  public PassageBuilder clefAt(Fraction onset, Clef newClef) {
    requireBar();
    clefs.removeIf(c -> c.onset().equals(onset));
    clefs.add(new Bar.ClefAt(onset, newClef));
    clef = newClef;
    return this;
  }

  private void add(Event event) {
    events.add(event);
    time = event.end();
  }

  private int openBar() {
    if (!barOpen) {
      bar();
    }
    return bars.size();
  }

  private void requireBar() {
    if (!barOpen) {
      throw new IllegalStateException("no bar is open");
    }
  }

  private void endBar() {
    List<Bar.ClefAt> inOrder = new ArrayList<>(clefs);
    inOrder.sort(Comparator.comparing(Bar.ClefAt::onset));
    Fraction length = time.subtract(barOnset);
    bars.add(new Bar(label, uncounted, barOnset, length, barMetre, barKey, inOrder, edges));
    barOpen = false;
  }

  /**
   * The passage.
   *
   * @throws IllegalArgumentException when it has no bar, or a slur reaches beyond its events
   */
  public Passage build() {
    if (barOpen) {
      endBar();
    }
    slurs.sort(Comparator.comparingInt(Span::first));
    tuplets.sort(Comparator.comparingInt(t -> t.span().first()));
    return new Passage(title, partName, bars, events, slurs, tuplets, directions, transposition);
  }
}
