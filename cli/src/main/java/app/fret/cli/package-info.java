/**
 * The {@code fret plan} command for scripts: a score in, a plan out on standard output.
 *
 * <p>Start at {@link app.fret.cli.Main}. Every fault is one line on standard error and exit code 2.
 */
package app.fret.cli;
