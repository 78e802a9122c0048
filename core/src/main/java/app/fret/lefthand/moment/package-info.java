/**
 * What is known of a note before fingers are chosen: {@link app.fret.lefthand.moment.Moment}, made
 * for a whole passage by {@link app.fret.lefthand.moment.Moments}. Its sides are named by {@link
 * app.fret.lefthand.moment.Facet}, so that what is weighed can be shared between notes alike.
 */
package app.fret.lefthand.moment;
