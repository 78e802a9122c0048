package app.fret.cli;

import app.fret.files.PlainWords;
import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import picocli.CommandLine;

/** Entry point of the command line. */
@CommandLine.Command(
    name = "fret",
    description = "Fingerings, bowings and practice plans for string players.",
    mixinStandardHelpOptions = true,
    versionProvider = Version.class,
    subcommands = PlanCommand.class)
public final class Main {
  private Main() {}

  /** Runs the command and ends the process with its exit code. */
  public static void main(String[] args) {
    PrintWriter out = writer(FileDescriptor.out);
    PrintWriter err = writer(FileDescriptor.err);
    int exit = run(out, err, args);
    out.flush();
    err.flush();
    System.exit(exit);
  }

  /** Straight to the descriptor: only so a full disk or a closed pipe is noticed. */
  private static PrintWriter writer(FileDescriptor descriptor) {
    return new PrintWriter(new FileOutputStream(descriptor), false, StandardCharsets.UTF_8);
  }

  /** Runs the command with these streams and returns its exit code: 0, or 2 for any fault. */
  public static int run(PrintWriter out, PrintWriter err, String... args) {
    CommandLine line = new CommandLine(new Main());
    line.registerConverter(BarRange.class, converter(BarRange::parse));
    line.registerConverter(PinOption.class, converter(PinOption::parse));
    line.registerConverter(Double.class, converter(Main::number));
    line.registerConverter(Integer.class, converter(Main::wholeNumber));
    line.registerConverter(int.class, converter(Main::wholeNumber));
    line.setOut(out);
    line.setErr(err);
    line.setParameterExceptionHandler(
        (fault, given) -> refuse(err, words(fault) + "; see fret plan --help"));
    line.setExecutionExceptionHandler((fault, command, result) -> refuse(err, words(fault)));
    try {
      int exit = line.execute(args);
      if (out.checkError()) {
        return refuse(
            err, "the answer could not be written: standard output is full or was closed");
      }
      return exit;
    } catch (OutOfMemoryError e) {
      return refuse(err, "the score is too large for the memory; plan fewer bars with --bars");
    } catch (StackOverflowError e) {
      return refuse(err, OWN_MISTAKE);
    }
  }

  private static final String OWN_MISTAKE =
      "Fret made a mistake of its own with this score and these options; nothing was written";

  private static Double number(String text) {
    try {
      return Double.valueOf(text);
    } catch (NumberFormatException e) {
      throw new IllegalArgumentException("'" + text + "' is no number", e);
    }
  }

  private static Integer wholeNumber(String text) {
    try {
      return Integer.valueOf(text);
    } catch (NumberFormatException e) {
      throw new IllegalArgumentException("'" + text + "' is no whole number", e);
    }
  }

  private interface Parser<T> {
    T parse(String text);
  }

  /** Lets what a parser says reach the player without the name of a class around it. */
  private static <T> CommandLine.ITypeConverter<T> converter(Parser<T> parser) {
    return text -> {
      try {
        return parser.parse(text);
      } catch (IllegalArgumentException e) {
        throw new CommandLine.TypeConversionException(e.getMessage());
      }
    };
  }

  private static int refuse(PrintWriter err, String words) {
    err.println("fret: " + words);
    err.flush();
    return CommandLine.ExitCode.USAGE;
  }

  /** What a fault says to a player; one that was not meant for one is our own mistake. */
  private static String words(Exception fault) {
    boolean ours = fault instanceof RuntimeException;
    boolean meant =
        !ours
            || fault instanceof IllegalArgumentException
            || fault instanceof CommandLine.ParameterException;
    return meant && fault.getMessage() != null ? PlainWords.clean(fault.getMessage()) : OWN_MISTAKE;
  }
}
