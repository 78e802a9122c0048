/**
 * Why a stroke is better drawn one way than another: one class for each reason, with its weight and
 * its words; {@link app.fret.bow.effort.BowTerms} lists them. What joints cost by school stands in
 * {@link app.fret.bow.effort.BowWeights}.
 */
package app.fret.bow.effort;
