package app.fret.cli;

import java.io.PrintWriter;

/** One of the things that can be asked for on the command line; {@link Main} lists them. */
interface Command {
  /** The word that asks for it. */
  String name();

  /** What it does, in a sentence. */
  String summary();

  /** How it is called, after its name: {@code FILE [options]}. */
  String synopsis();

  /** The options it knows. */
  OptionTable options();

  /**
   * Does it.
   *
   * @param given what was typed after its name
   * @param out where the answer goes
   * @param err where remarks go that are no part of the answer
   * @throws Exception with words for a player; nothing was written then
   */
  void run(Arguments given, PrintWriter out, PrintWriter err) throws Exception;
}
