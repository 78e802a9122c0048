/**
 * A made-up practice book with music composed for Fret; see {@link app.fret.desktop.demo.DemoBook}.
 */
package app.fret.desktop.demo;
