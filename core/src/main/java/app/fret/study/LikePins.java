package app.fret.study;

import app.fret.lefthand.LikeNotes;
import app.fret.lefthand.Pin;
import app.fret.score.Finger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;
import java.util.stream.Collectors;

/**
 * What a pin says of figures like the one it stands in: it holds for those that sound alike, until
 * the player frees one, and can be taken for those on other degrees.
 */
public final class LikePins {
  private final Study study;
  private final LikeNotes like;

  /** The like pins of a study. */
  public LikePins(Study study) {
    this.study = study;
    this.like = new LikeNotes(study.brief());
  }

  /**
   * New pins with the same for all notes that sound alike in equal figures and are free; where such
   * a pin cannot be met, or only at much more effort, it is left out.
   */
  public List<Pin> holding(List<Pin> pins) {
    List<Pin> wanted = new ArrayList<>();
    for (Pin pin : pins) {
      like.equalTo(pin.note()).stream()
          .filter(n -> isFree(n, pins))
          .forEach(n -> wanted.add(pin.on(n)));
    }
    return with(pins, wanted);
  }

  /** The finger of a pinned note for the transposed figures, as far as it can be met there. */
  public List<Pin> transposed(int note) {
    Optional<Finger> finger =
        study.pinsOn(note).stream().map(Pin::finger).flatMap(Optional::stream).findFirst();
    boolean isSingle =
        study.pinsOn(note).size() == 1 && study.brief().pitches().get(note).size() == 1;
    if (finger.isEmpty() || !isSingle) {
      return List.of();
    }
    List<Pin> wanted =
        like.transposedFrom(note).stream()
            .filter(n -> isFree(n, List.of()))
            .map(n -> Pin.finger(n, finger.get()))
            .toList();
    return study.affordable(List.of(), wanted);
  }

  private List<Pin> with(List<Pin> pins, List<Pin> wanted) {
    List<Pin> all = new ArrayList<>(pins);
    if (!wanted.isEmpty()) {
      all.addAll(study.affordable(pins, wanted));
    }
    return all;
  }

  private boolean isFree(int note, List<Pin> pins) {
    return study.pinsOn(note).isEmpty() && pins.stream().noneMatch(p -> p.note() == note);
  }

  /** The bars of these pins, such as {@code bars 2 and 4}, without those of other ones. */
  public String bars(List<Pin> pins) {
    List<String> labels =
        pins.stream()
            .map(p -> study.notes().get(p.note()).bar())
            .collect(Collectors.toCollection(TreeSet::new))
            .stream()
            .map(bar -> study.passage().bars().get(bar).label())
            .toList();
    return labels.size() == 1
        ? "bar " + labels.get(0)
        : "bars "
            + String.join(", ", labels.subList(0, labels.size() - 1))
            + " and "
            + labels.get(labels.size() - 1);
  }
}
