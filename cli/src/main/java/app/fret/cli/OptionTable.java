package app.fret.cli;

import java.util.HashSet;
import java.util.Set;
import org.apache.commons.cli.Option;
import org.apache.commons.cli.OptionGroup;
import org.apache.commons.cli.Options;

/** Options as a command lists them, in the order in which its help shows them. */
final class OptionTable {
  private final Options options = new Options();
  private final Set<String> repeatable = new HashSet<>();

  private static Option.Builder option(String name, String description) {
    return Option.builder().longOpt(name).desc(description);
  }

  /** An option with a value. */
  OptionTable value(String name, String value, String description) {
    options.addOption(option(name, description).hasArg().argName(value).get());
    return this;
  }

  /** An option with a value that must be given. */
  OptionTable required(String name, String value, String description) {
    options.addOption(option(name, description).hasArg().argName(value).required().get());
    return this;
  }

  /** An option with a value that may be given several times. */
  OptionTable values(String name, String value, String description) {
    repeatable.add(name);
    return value(name, value, description);
  }

  /** An option without a value. */
  OptionTable flag(String name, String description) {
    options.addOption(option(name, description).get());
    return this;
  }

  /** The same, which has a letter too. */
  OptionTable flag(String letter, String name, String description) {
    options.addOption(Option.builder(letter).longOpt(name).desc(description).get());
    return this;
  }

  /** Two options without a value of which one at most is given. */
  OptionTable either(String name, String description, String other, String otherDescription) {
    options.addOptionGroup(
        new OptionGroup()
            .addOption(option(name, description).get())
            .addOption(option(other, otherDescription).get()));
    return this;
  }

  /** Whether an option may be given several times. */
  boolean isRepeatable(String name) {
    return repeatable.contains(name);
  }

  /** What was listed. */
  Options options() {
    return options;
  }
}
