/**
 * Lays the window out: header, programme, stations, the panel that says why.
 *
 * <p>Open {@link app.fret.desktop.view.FretWindow}. Views show properties of the model and call its
 * commands; nothing is computed here.
 */
package app.fret.desktop.view;
