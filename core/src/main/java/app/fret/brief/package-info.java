/** What every planner is given: who plays what, how it reads, and when it sounds. */
package app.fret.brief;
