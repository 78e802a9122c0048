package app.fret.bow.search;

import app.fret.bow.stroke.StrokeAt;

/**
 * Another way to take a stroke.
 *
 * @param what what is done otherwise, such as {@code retake} or {@code split after note 3}
 * @param extraEffort what the best plan with it costs more than the best of all, exactly; below 0
 *     where it would mend what the part asks for
 * @param decided the decision that takes it
 */
public record OtherStroke(String what, double extraEffort, StrokeAt decided) {}
