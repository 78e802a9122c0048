/** Panes that the window lays over the rest: player, tempo, weights, packets, backups. */
package app.fret.desktop.view.dialog;
