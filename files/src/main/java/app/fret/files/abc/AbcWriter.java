package app.fret.files.abc;

import app.fret.score.Bar;
import app.fret.score.Clef;
import app.fret.score.Directions;
import app.fret.score.Event;
import app.fret.score.Key;
import app.fret.score.Metre;
import app.fret.score.Note;
import app.fret.score.Passage;
import app.fret.score.Rest;
import app.fret.score.Sounding;
import app.fret.score.Span;
import app.fret.score.Step;
import app.fret.score.Tuplet;
import app.fret.score.WrittenPitch;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.IntFunction;
import org.apache.commons.numbers.fraction.Fraction;

/** Writes a passage in ABC notation 2.1, and lists what that cannot hold. */
public final class AbcWriter {
  private static final Fraction EIGHTH = Fraction.of(1, 8);
  private static final int BARS_TO_A_LINE = 4;
  private static final String[] MAJOR = {
    "Cb", "Gb", "Db", "Ab", "Eb", "Bb", "F", "C", "G", "D", "A", "E", "B", "F#", "C#"
  };

  private final Passage passage;
  private Fraction unit = EIGHTH;
  private final StringBuilder text = new StringBuilder();
  private final Set<String> left = new LinkedHashSet<>();
  private final Map<Step, Integer> altersInBar = new EnumMap<>(Step.class);
  private final Map<Integer, Integer> slursFrom = new HashMap<>();
  private final Map<Integer, Integer> slursTo = new HashMap<>();
  private final Map<Integer, Tuplet> tupletsFrom = new HashMap<>();

  /**
   * A passage as text.
   *
   * @param text the tune
   * @param left what the notation cannot hold, a phrase each
   */
  public record Written(String text, List<String> left) {
    public Written {
      left = List.copyOf(left);
    }
  }

  private AbcWriter(Passage passage) {
    this.passage = passage;
    for (Span slur : passage.slurs()) {
      slursFrom.merge(slur.first(), 1, Integer::sum);
      slursTo.merge(slur.last(), 1, Integer::sum);
    }
    passage.tuplets().forEach(t -> tupletsFrom.put(t.span().first(), t));
    UnmarkedTuplets.of(passage).forEach(t -> tupletsFrom.put(t.span().first(), t));
  }

  /** Writes a passage. */
  public static Written write(Passage passage) {
    AbcWriter writer = new AbcWriter(passage);
    writer.addAll();
    return new Written(writer.text.toString(), List.copyOf(writer.left));
  }

  /**
   * The bars of a passage, each as the letters between its bar lines.
   *
   * @param unitOfBar the length of a plain letter in each bar, by its index
   */
  static List<String> bars(Passage passage, IntFunction<Fraction> unitOfBar) {
    AbcWriter writer = new AbcWriter(passage);
    List<String> bars = new ArrayList<>();
    int event = 0;
    Clef clef = passage.bars().get(0).clefs().get(0).clef();
    for (int bar = 0; bar < passage.bars().size(); bar++) {
      writer.unit = unitOfBar.apply(bar);
      writer.text.setLength(0);
      event = writer.addMusic(bar, event, clef);
      bars.add(writer.text.toString().strip());
      List<Bar.ClefAt> clefs = passage.bars().get(bar).clefs();
      clef = clefs.get(clefs.size() - 1).clef();
    }
    return bars;
  }

  /** A length behind a note, as a factor of the unit: nothing for one, {@code 3/2}, {@code /2}. */
  static String length(Fraction factor) {
    String above = factor.getNumerator() == 1 ? "" : String.valueOf(factor.getNumerator());
    String below = factor.getDenominator() == 1 ? "" : "/" + factor.getDenominator();
    return above + below;
  }

  private void addAll() {
    Bar first = passage.bars().get(0);
    text.append("X:1\nT:").append(passage.title()).append('\n');
    text.append("M:").append(metre(first.metre())).append("\nL:1/8\n");
    passage.directions().tempos().stream()
        .filter(t -> t.onset().signum() == 0)
        .findFirst()
        .ifPresent(t -> text.append("Q:").append(tempo(t)).append('\n'));
    text.append("K:").append(key(first.key()));
    text.append(" clef=").append(clef(first.clefs().get(0).clef())).append('\n');
    leaveWhatIsNowhere();
    int event = 0;
    Clef clef = first.clefs().get(0).clef();
    for (int bar = 0; bar < passage.bars().size(); bar++) {
      event = addBar(bar, event, clef);
      List<Bar.ClefAt> clefs = passage.bars().get(bar).clefs();
      clef = clefs.get(clefs.size() - 1).clef();
    }
    text.append('\n');
  }

  private void leaveWhatIsNowhere() {
    if (!passage.directions().rehearsals().isEmpty()) {
      left.add("rehearsal marks");
    }
    if (!passage.directions().octaveShifts().isEmpty()) {
      left.add("octave lines; the notes stand where they sound");
    }
    if (passage.transposition().isPresent()) {
      left.add("the transposition of the part");
    }
  }

  private int addBar(int index, int firstEvent, Clef clefBefore) {
    addBarLine(index);
    int event = addMusic(index, firstEvent, clefBefore);
    if (index == passage.bars().size() - 1) {
      text.append(endOf(passage.bars().get(index).edges()));
    }
    return event;
  }

  /** What stands between two bar lines. */
  private int addMusic(int index, int firstEvent, Clef clefBefore) {
    Bar bar = passage.bars().get(index);
    altersInBar.clear();
    addChanges(index, bar, clefBefore);
    int event = firstEvent;
    while (event < passage.events().size() && passage.events().get(event).bar() == index) {
      event = addEvent(event, bar);
    }
    return event;
  }

  private void addBarLine(int index) {
    Bar.Edges now = passage.bars().get(index).edges();
    if (index > 0) {
      Bar.Edges before = passage.bars().get(index - 1).edges();
      text.append(before.repeatTimes() > 0 && now.repeatStart() ? "::" : endOf(before));
      text.append(now.repeatStart() && before.repeatTimes() == 0 ? ":" : "");
      if (before.repeatTimes() > 2) {
        left.add("how often a repeat is played, where it is more than twice");
      }
    } else if (now.repeatStart()) {
      text.append("|:");
    }
    now.endingStart()
        .ifPresent(
            ending -> {
              if (ending.matches("[1-9][0-9,.-]{0,10}")) {
                text.append(index == 0 ? "[" : "").append(ending);
              } else {
                left.add("the words of an ending");
              }
            });
    text.append(index > 0 && index % BARS_TO_A_LINE == 0 ? "\n" : " ");
  }

  private static String endOf(Bar.Edges edges) {
    String line =
        switch (edges.line()) {
          case FINAL -> "|]";
          case DOUBLE -> "||";
          case PLAIN -> "|";
        };
    return edges.repeatTimes() > 0 ? ":" + (line.equals("||") ? "|" : line) : line;
  }

  private void addChanges(int index, Bar bar, Clef clefBefore) {
    if (index == 0) {
      return;
    }
    Bar before = passage.bars().get(index - 1);
    if (!bar.metre().equals(before.metre())) {
      text.append("[M:").append(metre(bar.metre())).append(']');
    }
    if (!bar.key().equals(before.key())) {
      text.append("[K:").append(key(bar.key())).append(']');
    }
    if (!bar.clefs().get(0).clef().equals(clefBefore)) {
      text.append("[K:clef=").append(clef(bar.clefs().get(0).clef())).append(']');
    }
  }

  /** Adds an event, with the grace notes that lead to it, and returns the index of the next. */
  private int addEvent(int event, Bar bar) {
    int main = event;
    StringBuilder graces = new StringBuilder();
    while (passage.events().get(main) instanceof Sounding sounding && sounding.isGrace()) {
      graces.append(graces.isEmpty() && sounding.grace() == Sounding.Grace.SLASHED ? "/" : "");
      graces.append("(".repeat(slursFrom.getOrDefault(main, 0)));
      addGrace(sounding, graces, bar.key());
      graces.append(")".repeat(slursTo.getOrDefault(main, 0)));
      main++;
      boolean last =
          main == passage.events().size() || passage.events().get(main).bar() != sounding.bar();
      if (last) {
        text.append('{').append(graces).append("} ");
        return main;
      }
    }
    Event now = passage.events().get(main);
    addClefBefore(bar, now.onset());
    AbcSignText.addDirections(passage, now, text);
    addTuplet(main);
    // A slur that opens before the braces would begin at the first of them.
    text.append(graces.isEmpty() ? "" : "{" + graces + "}");
    text.append("(".repeat(slursFrom.getOrDefault(main, 0)));
    if (now instanceof Rest rest) {
      Fraction length = rest.wholeBar() ? rest.length() : rest.written().length();
      text.append('z').append(length(plain(length, rest.wholeBar() ? null : rest).divide(unit)));
    } else {
      addSounding((Sounding) now, bar.key());
    }
    text.append(")".repeat(slursTo.getOrDefault(main, 0)));
    text.append(' ');
    return main + 1;
  }

  private void addClefBefore(Bar bar, Fraction onset) {
    for (int i = 1; i < bar.clefs().size(); i++) {
      if (bar.clefs().get(i).onset().equals(onset)) {
        text.append("[K:clef=").append(clef(bar.clefs().get(i).clef())).append(']');
      }
    }
  }

  private void addTuplet(int event) {
    Tuplet tuplet = tupletsFrom.get(event);
    if (tuplet != null) {
      long notes =
          passage.events().subList(tuplet.span().first(), tuplet.span().last() + 1).stream()
              .filter(e -> e.length().signum() > 0)
              .count();
      int actual = tuplet.ratio().actual();
      text.append('(').append(actual);
      if (notes != actual || tuplet.ratio().normal() != usualNormal(actual)) {
        text.append(':').append(tuplet.ratio().normal()).append(':').append(notes);
      }
    }
  }

  /** In the time of how many notes a tuplet stands where its sign says no more; 0 for none. */
  private static int usualNormal(int actual) {
    return switch (actual) {
      case 2, 4 -> 3;
      case 3 -> 2;
      default -> 0;
    };
  }

  /** The length without the tuplet it stands in. */
  private static Fraction plain(Fraction length, Rest rest) {
    return rest == null ? length : length.divide(rest.written().ratio().factor());
  }

  private void addGrace(Sounding grace, StringBuilder graces, Key key) {
    if (grace.notes().size() > 1) {
      left.add("chords among grace notes");
    }
    graces.append(pitch(grace.notes().get(0), key));
    graces.append(length(grace.written().length().divide(unit)));
  }

  private void addSounding(Sounding sounding, Key key) {
    AbcSignText.addMarks(sounding.marks(), text, left);
    Fraction length = sounding.written().length().divide(sounding.written().ratio().factor());
    boolean chord = sounding.notes().size() > 1;
    boolean allTied = sounding.notes().stream().allMatch(Note::tiedTo);
    text.append(chord ? "[" : "");
    for (Note head : sounding.notes()) {
      AbcSignText.addFinger(head, text, left);
      text.append(pitch(head, key)).append(chord && !allTied && head.tiedTo() ? "-" : "");
    }
    text.append(chord ? "]" : "").append(length(length.divide(unit)));
    text.append(allTied ? "-" : "");
  }

  private String pitch(Note head, Key key) {
    WrittenPitch pitch = head.written();
    int expected = altersInBar.getOrDefault(pitch.step(), key.alterOf(pitch.step()));
    boolean carried = head.tiedFrom() && head.accidental().isEmpty();
    boolean signed = head.accidental().isPresent() || (!carried && expected != pitch.alter());
    if (signed) {
      altersInBar.put(pitch.step(), pitch.alter());
    }
    if (head.accidental().filter(a -> a.cautionary()).isPresent()) {
      left.add("parentheses around accidentals");
    }
    String letter = pitch.step().name();
    int octave = pitch.octave();
    String name = octave >= 5 ? letter.toLowerCase(java.util.Locale.ROOT) : letter;
    String marks = octave >= 5 ? "'".repeat(octave - 5) : ",".repeat(4 - octave);
    return (signed ? sign(pitch.alter()) : "") + name + marks;
  }

  private static String sign(int alter) {
    return alter == 0 ? "=" : (alter > 0 ? "^" : "_").repeat(Math.abs(alter));
  }

  private static String metre(Metre metre) {
    return switch (metre.sign()) {
      case COMMON -> "C";
      case CUT -> "C|";
      case NONE -> "none";
      case FIGURES ->
          metre.groups().size() > 1 ? "(" + metre.toString().replace("/", ")/") : metre.toString();
    };
  }

  private static String key(Key key) {
    return MAJOR[key.fifths() + 7];
  }

  static String tempo(Directions.TempoMark mark) {
    Fraction beat = mark.tempo().beat().length();
    double number = mark.tempo().perMinute();
    String figure =
        number == Math.rint(number) ? String.valueOf((long) number) : String.valueOf(number);
    return beat.getNumerator() + "/" + beat.getDenominator() + "=" + figure;
  }

  private static String clef(Clef clef) {
    String name =
        switch (clef.sign()) {
          case G -> "treble" + (clef.line() == 2 ? "" : clef.line());
          case F -> "bass" + (clef.line() == 4 ? "" : clef.line());
          case C -> clef.line() == 3 ? "alto" : clef.line() == 4 ? "tenor" : "alto" + clef.line();
        };
    String octaves =
        switch (clef.octaves()) {
          case 1 -> "+8";
          case -1 -> "-8";
          case 2 -> "+15";
          case -2 -> "-15";
          default -> "";
        };
    return name + octaves;
  }
}
