/** The plan as data for scripts: see {@link app.fret.files.plan.PlanJson}. */
package app.fret.files.plan;
