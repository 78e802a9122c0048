package app.fret.desktop.view.station;

import app.fret.bow.trouble.BowTrouble;
import app.fret.bow.trouble.Mend;
import app.fret.desktop.model.passage.PassageDesk;
import app.fret.desktop.view.part.Parts;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.VBox;

/** The troubles of the bow, in order: each leads to its bar, and its mends are taken by a click. */
final class TroubleList {
  private final PassageDesk desk;

  TroubleList(PassageDesk desk) {
    this.desk = desk;
  }

  /** Those of the stroke of a note. */
  List<Node> at(Optional<Integer> note) {
    return cards(t -> concerns(t, note));
  }

  /** All others. */
  List<Node> elsewhere(Optional<Integer> note) {
    List<Node> nodes = cards(t -> !concerns(t, note));
    if (!nodes.isEmpty()) {
      nodes.add(0, Parts.heading("Troubles elsewhere"));
    }
    return nodes;
  }

  private static boolean concerns(BowTrouble trouble, Optional<Integer> note) {
    return note.filter(n -> n >= trouble.firstNote() && n <= trouble.lastNote()).isPresent();
  }

  private List<Node> cards(Predicate<BowTrouble> shown) {
    List<BowTrouble> troubles = desk.study().bow().troubles();
    List<Node> nodes = new ArrayList<>();
    for (int i = 0; i < troubles.size(); i++) {
      if (shown.test(troubles.get(i))) {
        nodes.add(card(troubles.get(i), i));
      }
    }
    return nodes;
  }

  private Node card(BowTrouble trouble, int number) {
    int bar = desk.study().notes().get(trouble.firstNote()).bar();
    String label = "Bar " + desk.study().passage().bars().get(bar).label();
    Button there =
        Parts.button(
            "trouble-" + trouble.kind().sign() + "-" + trouble.firstNote(),
            label + ": " + inSentence(trouble.kind().words()),
            "trouble-title",
            () -> desk.select(trouble.firstNote()));
    there.setWrapText(true);
    VBox card = new VBox(4, there, Parts.words(trouble.text(), "small"));
    card.getStyleClass().add("trouble-card");
    List<Mend> mends = trouble.mends();
    for (int k = 0; k < mends.size(); k++) {
      Mend mend = mends.get(k);
      Button take =
          Parts.button(
              "mend-" + number + "-" + k,
              mend.words().replaceAll("\\.$", ""),
              "link-action",
              () -> desk.bow().take(mend));
      take.setWrapText(true);
      take.setFocusTraversable(false);
      card.getChildren().add(take);
    }
    if (mends.isEmpty()) {
      card.getChildren().add(Parts.words(trouble.mend(), "small"));
    }
    return card;
  }

  private static String inSentence(String words) {
    return Character.toLowerCase(words.charAt(0)) + words.substring(1);
  }
}
