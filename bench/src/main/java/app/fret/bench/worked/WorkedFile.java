package app.fret.bench.worked;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Reads files of worked passages.
 *
 * <p>A passage begins with {@code passage ID INSTRUMENT PROFILE [OPTION VALUE]}. Then {@code rule}
 * and the name of the rule its group tests, where it has one, {@code why} and its reason, the music
 * as an ABC tune from its {@code X:} on, {@code want} and the notes that are agreed on, each as
 * {@code NUMBER=STRINGS:FINGERS} with fingers that serve as well after a bar; {@code or} begins a
 * whole other way. An empty line ends it; {@code #} begins a remark.
 */
public final class WorkedFile {
  /** The instruments there are files for. */
  public static final List<String> INSTRUMENTS = List.of("violin", "viola", "cello", "bass");

  /**
   * The collections: passages agreed on in two halves, hard ones, groups that each test one rule,
   * one passage for each rule, and the plainest material.
   */
  public static final List<String> COLLECTIONS =
      List.of("worked", "agreed", "hard", "groups", "rules", "scales");

  private WorkedFile() {}

  /**
   * The worked passages of an instrument that ship with the bench.
   *
   * @param collection which of {@link #COLLECTIONS}
   */
  public static List<WorkedPassage> read(String collection, String instrument) {
    String name = collection + "/" + instrument + ".txt";
    try (InputStream in = WorkedFile.class.getResourceAsStream(name)) {
      if (in == null) {
        throw new IllegalArgumentException("there is no file " + name);
      }
      return parse(new String(in.readAllBytes(), StandardCharsets.UTF_8));
    } catch (IOException e) {
      throw new UncheckedIOException(name + " cannot be read", e);
    }
  }

  /** The passages of a text. */
  public static List<WorkedPassage> parse(String text) {
    List<WorkedPassage> passages = new ArrayList<>();
    List<String> block = new ArrayList<>();
    for (String line : (text + "\n\n").lines().toList()) {
      if (line.isBlank()) {
        if (!block.isEmpty()) {
          passages.add(passage(block));
        }
        block = new ArrayList<>();
      } else if (!line.startsWith("#")) {
        block.add(line);
      }
    }
    return passages;
  }

  private static WorkedPassage passage(List<String> block) {
    String[] head = block.get(0).split(" ");
    Optional<String> rule = Optional.empty();
    String why = "";
    StringBuilder music = new StringBuilder();
    List<List<Want>> ways = new ArrayList<>();
    for (String line : block.subList(1, block.size())) {
      if (line.startsWith("rule ")) {
        rule = Optional.of(line.substring("rule ".length()));
      } else if (line.startsWith("why ")) {
        why = line.substring("why ".length());
      } else if (line.startsWith("want ") || line.startsWith("or ")) {
        ways.add(wants(line));
      } else {
        music.append(line).append('\n');
      }
    }
    Optional<String> school = head.length > 4 ? Optional.of(head[5]) : Optional.empty();
    return new WorkedPassage(head[1], head[2], head[3], school, rule, music.toString(), ways, why);
  }

  private static List<Want> wants(String line) {
    List<Want> wants = new ArrayList<>();
    String[] words = line.split(" ");
    for (int i = 1; i < words.length; i++) {
      wants.add(Want.parse(words[i]));
    }
    return List.copyOf(wants);
  }
}
