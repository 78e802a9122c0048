package app.fret.files.musicxml;

import app.fret.files.PlainWords;
import app.fret.files.ReadPassage;
import app.fret.files.Score;
import app.fret.files.ScorePlace;
import app.fret.files.ScoreRejectedException;
import app.fret.score.Passage;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Optional;

/** An opened score: its parts by name, each of which can be read as a passage. */
public final class ScoreFile implements Score {
  private final ScorePlace place;
  private final XmlElement score;
  private final byte[] xml;
  private final List<XmlElement> parts;

  ScoreFile(ScorePlace place, XmlElement score, byte[] xml) throws ScoreRejectedException {
    this.place = place;
    this.score = score;
    this.xml = xml.clone();
    this.parts = score.children().stream().filter(c -> c.name().equals("part")).toList();
    if (parts.isEmpty()) {
      throw new ScoreRejectedException(place, "it holds no part");
    }
  }

  @Override
  public ScorePlace place() {
    return place;
  }

  @Override
  public List<String> partNames() {
    List<String> names = new ArrayList<>();
    for (int i = 0; i < parts.size(); i++) {
      names.add(nameOf(i));
    }
    return names;
  }

  /**
   * Writes the whole score, with all its parts and its layout, and the marks of a passage in it.
   *
   * @param cut which part of it the passage is, and from which bar on, both from 0
   * @param printed the passage as the file has it
   * @param marked the same with fingers, strings, bow signs and slurs of a plan
   * @param file the name says whether it is zipped
   * @return what has no place in the file, a phrase each
   * @throws ScoreRejectedException when the file cannot be written into
   */
  public List<String> writeMarked(
      Cut cut, Passage printed, Passage marked, Path file, OutputStream out)
      throws ScoreRejectedException, IOException {
    MarkedScore whole = new MarkedScore(place, xml, cut.part(), cut.firstBar(), marked);
    List<String> left = whole.mark(printed.slurs());
    ScoreOutput.write(file, out, whole::write);
    return left;
  }

  /**
   * Where a passage begins in a score.
   *
   * @param part index of the part
   * @param firstBar index of the bar
   */
  public record Cut(int part, int firstBar) {}

  private String nameOf(int part) {
    return listed(part)
        .flatMap(p -> p.child("part-name"))
        .map(name -> PlainWords.clean(name.text()))
        .filter(n -> !n.isEmpty())
        .orElse("part " + (part + 1));
  }

  /** What the list of parts says of a part: by its id, else by its place in the list. */
  private Optional<XmlElement> listed(int part) {
    List<XmlElement> list =
        score.child("part-list").map(XmlElement::children).orElse(List.of()).stream()
            .filter(c -> c.name().equals("score-part"))
            .toList();
    Optional<String> id = parts.get(part).attribute("id");
    Optional<XmlElement> byId =
        list.stream().filter(p -> id.isPresent() && p.attribute("id").equals(id)).findFirst();
    boolean inOrder = id.isEmpty() && list.size() == parts.size();
    return byId.or(() -> inOrder ? Optional.of(list.get(part)) : Optional.empty());
  }

  @Override
  public String title() {
    return score
        .child("work")
        .flatMap(work -> title(work, "work-title"))
        .or(() -> title(score, "movement-title"))
        .orElse(place.file().replaceFirst("\\.[A-Za-z]+$", ""));
  }

  private static Optional<String> title(XmlElement in, String name) {
    return in.child(name).map(t -> PlainWords.clean(t.text())).filter(t -> !t.isEmpty());
  }

  @Override
  public ReadPassage read(int part) throws ScoreRejectedException {
    return reading(part).read();
  }

  /** A reading of a part, which also knows what it took and what it left. */
  PartReader reading(int part) {
    Source root = new Source(score, new BitSet());
    Skipped skipped = new Skipped();
    for (int other = 0; other < parts.size(); other++) {
      new Source(parts.get(other), root.taken()).takeAll();
    }
    takeHead(root, part);
    String name = nameOf(part);
    Source chosen = new Source(parts.get(part), new BitSet()).took();
    return new PartReader(root, chosen, place.inPart(name), title(), name, skipped);
  }

  private void takeHead(Source root, int part) {
    root.took();
    root.child("movement-title");
    root.child("work").ifPresent(work -> work.child("work-title"));
    root.child("part-list").ifPresent(list -> list.children("score-part"));
    listed(part).ifPresent(p -> new Source(p, root.taken()).child("part-name"));
    for (XmlElement other : score.child("part-list").map(XmlElement::children).orElse(List.of())) {
      if (listed(part).filter(p -> p == other).isEmpty()) {
        new Source(other, root.taken()).takeAll();
      }
    }
  }
}
