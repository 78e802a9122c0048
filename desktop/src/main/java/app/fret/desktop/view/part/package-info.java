/**
 * Small pieces that every view uses: buttons, fields, headings and words that look alike
 * everywhere.
 */
package app.fret.desktop.view.part;
