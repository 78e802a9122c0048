package app.fret.lefthand.fitting;

import app.fret.brief.Brief;
import java.util.List;

/**
 * A passage with the way somebody takes it.
 *
 * @param name what it is known by
 * @param brief the passage for its player at its tempo
 * @param profile name of the profile it is chosen under
 * @param ways what is chosen; where there are several, any of them as a whole
 */
public record Example(String name, Brief brief, String profile, List<List<Choice>> ways) {
  public Example {
    ways = List.copyOf(ways);
    if (ways.isEmpty()) {
      throw new IllegalArgumentException(name + " says of no note how it is taken");
    }
  }
}
