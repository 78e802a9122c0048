package app.fret.cli;

import app.fret.files.PlainWords;
import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;

/** Entry point of the command line. */
public final class Main {
  /** Exit code of a command that did what was asked. */
  private static final int DONE = 0;

  /** Exit code of every fault. */
  private static final int REFUSED = 2;

  private static final String OWN_MISTAKE =
      "Fret made a mistake of its own with this score and these options; nothing was written";

  private static final List<Command> COMMANDS =
      List.of(
          new PlanCommand(),
          new DrillCommand(),
          new ScheduleCommand(),
          new SoundCommand(),
          new ConvertCommand());

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
    try {
      run(out, err, Arrays.asList(args));
      return out.checkError()
          ? refuse(err, "the answer could not be written: standard output is full or was closed")
          : DONE;
    } catch (OutOfMemoryError e) {
      return refuse(err, "the score is too large for the memory; plan fewer bars with --bars");
    } catch (StackOverflowError e) {
      return refuse(err, OWN_MISTAKE);
    } catch (Exception e) {
      return refuse(err, words(e));
    }
  }

  private static void run(PrintWriter out, PrintWriter err, List<String> args) throws Exception {
    String first = args.isEmpty() ? "" : args.get(0);
    if (asksForVersion(first)) {
      out.println(Version.words());
    } else if (asksForHelp(first)) {
      Help.ofAll(COMMANDS, out);
    } else {
      run(named(first), out, err, args.subList(1, args.size()));
    }
  }

  private static boolean asksForHelp(String word) {
    return word.equals("--help") || word.equals("-h");
  }

  private static boolean asksForVersion(String word) {
    return word.equals("--version") || word.equals("-V");
  }

  private static Command named(String name) {
    return COMMANDS.stream()
        .filter(c -> c.name().equals(name))
        .findFirst()
        .orElseThrow(
            () ->
                new IllegalArgumentException(
                    name.isEmpty()
                        ? "name a command; see fret --help"
                        : "there is no command '" + name + "'; see fret --help"));
  }

  private static void run(Command command, PrintWriter out, PrintWriter err, List<String> args)
      throws Exception {
    // Help is for who does not yet know what must be given, so it comes before that is asked for.
    if (args.stream().anyMatch(Main::asksForHelp)) {
      Help.of(command, out);
    } else if (args.stream().anyMatch(Main::asksForVersion)) {
      out.println(Version.words());
    } else {
      command.run(understood(command, args), out, err);
    }
  }

  private static Arguments understood(Command command, List<String> args) {
    try {
      return Arguments.of(command.options(), args);
    } catch (IllegalArgumentException e) {
      throw new IllegalArgumentException(
          e.getMessage() + "; see fret " + command.name() + " --help", e);
    }
  }

  private static int refuse(PrintWriter err, String words) {
    err.println("fret: " + words);
    err.flush();
    return REFUSED;
  }

  /** What a fault says to a player; one that was not meant for one is our own mistake. */
  private static String words(Exception fault) {
    boolean meant =
        !(fault instanceof RuntimeException) || fault instanceof IllegalArgumentException;
    return meant && fault.getMessage() != null ? PlainWords.clean(fault.getMessage()) : OWN_MISTAKE;
  }
}
