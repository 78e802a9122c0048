package app.fret.edit;

/**
 * Something that reaches from one note or rest to another.
 *
 * @param from where it begins
 * @param to where it ends
 * @param what what it is
 */
record SpanSign<T>(Anchor from, Anchor to, T what) {}
