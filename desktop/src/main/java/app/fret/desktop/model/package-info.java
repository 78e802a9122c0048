/**
 * What the window shows, as plain observable properties that are tested without a window.
 *
 * <p>Open {@link app.fret.desktop.model.Desk} (the book and what lies open) and {@link
 * app.fret.desktop.model.passage.PassageDesk} (one passage: its study, selection, undo, log). Work
 * over 16 ms runs on the executor passed in; properties change on the other one.
 */
package app.fret.desktop.model;
