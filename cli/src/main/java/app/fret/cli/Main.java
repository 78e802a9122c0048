package app.fret.cli;

import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import picocli.CommandLine;

/** Entry point of the command line. */
@CommandLine.Command(
    name = "fret",
    description = "Fingerings, bowings and practice plans for string players.",
    mixinStandardHelpOptions = true,
    version = "Fret 0.1.0",
    subcommands = PlanCommand.class)
public final class Main {
  private Main() {}

  /** Runs the command and ends the process with its exit code. */
  public static void main(String[] args) {
    PrintWriter out = new PrintWriter(System.out, true, StandardCharsets.UTF_8);
    PrintWriter err = new PrintWriter(System.err, true, StandardCharsets.UTF_8);
    System.exit(run(out, err, args));
  }

  /** Runs the command with these streams and returns its exit code: 0, or 2 for any fault. */
  static int run(PrintWriter out, PrintWriter err, String... args) {
    CommandLine line = new CommandLine(new Main());
    line.registerConverter(BarRange.class, BarRange::parse);
    line.registerConverter(PinOption.class, PinOption::parse);
    line.setOut(out);
    line.setErr(err);
    line.setParameterExceptionHandler(
        (fault, given) -> {
          err.println("fret: " + oneLine(fault.getMessage()) + "; see fret plan --help");
          return CommandLine.ExitCode.USAGE;
        });
    line.setExecutionExceptionHandler(
        (fault, command, result) -> {
          err.println("fret: " + oneLine(String.valueOf(fault.getMessage())));
          return CommandLine.ExitCode.USAGE;
        });
    return line.execute(args);
  }

  private static String oneLine(String message) {
    return message.replaceAll("\\s+", " ").strip();
  }
}
