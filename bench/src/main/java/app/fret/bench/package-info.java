/**
 * JMH benchmarks of what Fret must do fast; run them with {@code ./fret bench}. Not part of the
 * shipped program. Figures and the machine they were taken on stand in docs/performance.md.
 */
package app.fret.bench;
