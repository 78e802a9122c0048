package app.fret.cli;

import app.fret.files.PlainWords;
import app.fret.score.Tempo;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.apache.commons.cli.AlreadySelectedException;
import org.apache.commons.cli.CommandLine;
import org.apache.commons.cli.DefaultParser;
import org.apache.commons.cli.MissingArgumentException;
import org.apache.commons.cli.MissingOptionException;
import org.apache.commons.cli.Option;
import org.apache.commons.cli.ParseException;
import org.apache.commons.cli.UnrecognizedOptionException;

/** What was typed after the name of a command, by option. */
final class Arguments {
  private final CommandLine line;

  private Arguments(CommandLine line) {
    this.line = line;
  }

  /**
   * Sorts what was typed by option.
   *
   * @throws IllegalArgumentException saying which word cannot be understood
   */
  static Arguments of(OptionTable table, List<String> typed) {
    try {
      CommandLine line =
          DefaultParser.builder()
              .setAllowPartialMatching(false)
              .setStripLeadingAndTrailingQuotes(false)
              .get()
              .parse(table.options(), typed.toArray(String[]::new));
      refuseRepeated(table, line);
      return new Arguments(line);
    } catch (ParseException e) {
      throw new IllegalArgumentException(words(e), e);
    }
  }

  private static void refuseRepeated(OptionTable table, CommandLine line) {
    Set<String> seen = new HashSet<>();
    for (Option option : line.getOptions()) {
      String name = option.getLongOpt();
      if (!seen.add(name) && !table.isRepeatable(name)) {
        throw new IllegalArgumentException("--" + name + " is given twice");
      }
    }
  }

  private static String words(ParseException fault) {
    if (fault instanceof UnrecognizedOptionException unknown) {
      return "Unknown option '" + unknown.getOption() + "'";
    }
    if (fault instanceof MissingArgumentException missing) {
      return "--" + missing.getOption().getLongOpt() + " needs a value";
    }
    if (fault instanceof MissingOptionException missing) {
      return "--" + missing.getMissingOptions().get(0) + " is missing";
    }
    if (fault instanceof AlreadySelectedException both) {
      String chosen = both.getOptionGroup().getSelected();
      return "--" + chosen + " and --" + both.getOption().getLongOpt() + " exclude each other";
    }
    return fault.getMessage();
  }

  /**
   * The one word that belongs to no option.
   *
   * @param what what it is, for the message
   * @throws IllegalArgumentException when there is none, or more than one
   */
  String only(String what) {
    List<String> words = line.getArgList();
    if (words.isEmpty()) {
      throw new IllegalArgumentException("name a " + what);
    }
    if (words.size() > 1) {
      throw new IllegalArgumentException("one " + what + " at a time: '" + words.get(1) + "'");
    }
    return words.get(0);
  }

  /**
   * The words that belong to no option, exactly these.
   *
   * @param what what each is, for the message
   * @throws IllegalArgumentException when one is missing or there are more
   */
  List<String> all(String... what) {
    List<String> words = line.getArgList();
    if (words.size() < what.length) {
      throw new IllegalArgumentException("name a " + what[words.size()]);
    }
    if (words.size() > what.length) {
      throw new IllegalArgumentException("'" + words.get(what.length) + "' is too much");
    }
    return words;
  }

  /** Whether an option without a value is given. */
  boolean has(String option) {
    return line.hasOption(option);
  }

  /** The value of an option, when it is given. */
  Optional<String> text(String option) {
    return Optional.ofNullable(line.getOptionValue(option));
  }

  /** All values of an option that may be given several times, in order. */
  List<String> texts(String option) {
    String[] values = line.getOptionValues(option);
    return values == null ? List.of() : Arrays.asList(values);
  }

  /**
   * The number an option holds, when it is given.
   *
   * @throws IllegalArgumentException when it holds something else
   */
  Optional<Double> number(String option) {
    return text(option).map(text -> number(option, text));
  }

  private static Double number(String option, String text) {
    try {
      return Double.valueOf(text);
    } catch (NumberFormatException e) {
      throw new IllegalArgumentException(
          "--" + option + ": '" + PlainWords.quoted(text) + "' is no number", e);
    }
  }

  /**
   * The tempo an option holds, in beats a minute, when it is given.
   *
   * @throws IllegalArgumentException when it holds something else
   */
  Optional<Double> tempo(String option) {
    Optional<Double> perMinute = number(option);
    if (perMinute.isPresent() && !Tempo.canBeAsked(perMinute.get())) {
      throw new IllegalArgumentException(
          "--"
              + option
              + " "
              + PlainWords.quoted(text(option).orElseThrow())
              + ": give beats a minute "
              + Tempo.RANGE);
    }
    return perMinute;
  }

  /**
   * The whole number an option holds, when it is given.
   *
   * @throws IllegalArgumentException when it holds something else
   */
  Optional<Integer> wholeNumber(String option) {
    return text(option).map(text -> wholeNumber(option, text));
  }

  private static Integer wholeNumber(String option, String text) {
    try {
      return Integer.valueOf(text);
    } catch (NumberFormatException e) {
      throw new IllegalArgumentException("--" + option + ": '" + text + "' is no whole number", e);
    }
  }
}
