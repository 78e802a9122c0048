package app.fret.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.util.List;
import org.apache.commons.cli.help.HelpFormatter;
import org.apache.commons.cli.help.TextHelpAppendable;

/** What the commands and their options are. */
final class Help {
  private Help() {}

  /** Every command in a line. */
  static void ofAll(List<Command> commands, PrintWriter out) {
    out.println("Usage: fret COMMAND ...");
    out.println("Fingerings, bowings and practice plans for string players.");
    for (Command command : commands) {
      out.printf("  %-10s %s%n", command.name(), command.summary());
    }
    out.println("fret COMMAND --help lists the options of one; fret --version says the version.");
  }

  /** One command with its options. */
  static void of(Command command, PrintWriter out) throws IOException {
    HelpFormatter.builder()
        .setHelpAppendable(new TextHelpAppendable(out))
        .setShowSince(false)
        .setComparator((first, second) -> 0) // as the command lists them
        .get()
        .printHelp(
            "fret " + command.name() + " " + command.synopsis(),
            command.summary(),
            command.options().options(),
            "",
            false);
  }
}
