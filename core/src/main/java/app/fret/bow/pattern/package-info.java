/**
 * Bowings as players speak of them: two and two, three and one, by the beat. {@link
 * app.fret.bow.pattern.Pattern} names them, {@link app.fret.bow.pattern.PatternStrokes} turns one
 * into decisions on strokes, {@link app.fret.bow.pattern.Habit} says what suits a texture.
 */
package app.fret.bow.pattern;
