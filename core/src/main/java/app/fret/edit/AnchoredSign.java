package app.fret.edit;

/**
 * Something printed at a moment.
 *
 * @param at when
 * @param what what is printed
 */
record AnchoredSign<T>(Anchor at, T what) {}
