package app.fret.book;

import app.fret.study.Choices;
import java.util.List;

/**
 * What was decided for a passage, as far as this program can read it.
 *
 * @param choices what is in force
 * @param remarks a sentence for each decision that cannot be taken as it stands in the book
 */
public record Decided(Choices choices, List<String> remarks) {
  public Decided {
    remarks = List.copyOf(remarks);
  }
}
