/**
 * The desktop application. {@link app.fret.desktop.Main} starts it; {@code model} holds what it
 * shows, without a window; {@code music} draws engraved music and its lanes; {@code view} lays the
 * window out; {@code demo} makes the demo book.
 */
package app.fret.desktop;
