/**
 * Where the left hand puts a note to be in tune: just intervals, checks and drones.
 *
 * <p>Open {@link app.fret.tuning.TuningPlanner}; its answer is a {@link
 * app.fret.tuning.TuningPlan}. Reads a finished left hand; knows nothing of bows or practice.
 */
package app.fret.tuning;
