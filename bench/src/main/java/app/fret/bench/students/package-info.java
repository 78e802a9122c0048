/**
 * Invented students who practise for weeks in a second, to compare ways of planning practice.
 *
 * <p>Open {@link app.fret.bench.students.Students} first. It is no part of the product: what it
 * shows follows from what it assumes of learning.
 */
package app.fret.bench.students;
