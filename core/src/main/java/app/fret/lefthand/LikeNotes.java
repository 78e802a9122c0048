package app.fret.lefthand;

import app.fret.brief.Brief;
import app.fret.reading.Families;
import app.fret.reading.Form;
import app.fret.reading.PlayedNote;
import app.fret.score.Span;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;

/** Which notes stand at the same place of equal or transposed figures. */
public final class LikeNotes {
  private static final int FEWEST_OF_CHORD = 2;

  private final Brief brief;
  private final Map<Integer, TreeSet<Integer>> equal = new TreeMap<>();
  private final Map<Integer, TreeSet<Integer>> transposed = new TreeMap<>();

  /** The like notes of a passage. */
  public LikeNotes(Brief brief) {
    this.brief = brief;
    for (Families.Family family : brief.reading().families()) {
      for (int i = 0; i < family.size(); i++) {
        int place = i;
        join(
            family.spans().stream().map(Span::first).map(first -> first + place).toList(),
            family.samePitch() ? equal : transposed);
      }
    }
    brief.reading().returns().forEach(this::join);
    joinRepeatedChords();
  }

  private static void join(List<Integer> notes, Map<Integer, TreeSet<Integer>> into) {
    for (int note : notes) {
      into.computeIfAbsent(note, n -> new TreeSet<>()).addAll(notes);
    }
  }

  private void join(Form.Return back) {
    Map<Integer, List<Integer>> inBar =
        brief.notes().stream()
            .collect(
                Collectors.groupingBy(
                    PlayedNote::bar, Collectors.mapping(PlayedNote::number, Collectors.toList())));
    for (int bar = back.firstBar(); bar <= back.lastBar(); bar++) {
      List<Integer> now = inBar.getOrDefault(bar, List.of());
      List<Integer> was = inBar.getOrDefault(back.earlierBar() + bar - back.firstBar(), List.of());
      for (int i = 0; i < Math.min(now.size(), was.size()); i++) {
        if (!back.differs().contains(now.get(i))) {
          join(List.of(was.get(i), now.get(i)), back.soundsAlike() ? equal : transposed);
        }
      }
    }
  }

  private void joinRepeatedChords() {
    for (int i = 1; i < brief.notes().size(); i++) {
      boolean isChord = brief.pitches().get(i).size() >= FEWEST_OF_CHORD;
      if (isChord && brief.pitches().get(i).equals(brief.pitches().get(i - 1))) {
        join(List.of(i - 1, i), equal);
      }
    }
  }

  /** The notes that sound as this one does at the same place of equal figures, without itself. */
  public List<Integer> equalTo(int note) {
    return others(note, equal);
  }

  /** The notes at the same place of the figure on other degrees, without those that are equal. */
  public List<Integer> transposedFrom(int note) {
    List<Integer> all = others(note, transposed);
    all.removeAll(equalTo(note));
    return all;
  }

  private static List<Integer> others(int note, Map<Integer, TreeSet<Integer>> in) {
    List<Integer> others = new ArrayList<>(in.getOrDefault(note, new TreeSet<>()));
    others.remove(Integer.valueOf(note));
    return others;
  }
}
