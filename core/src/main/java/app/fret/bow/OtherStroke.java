package app.fret.bow;

/**
 * Another way to take a stroke.
 *
 * @param what what is done otherwise, such as {@code retake}
 * @param extraEffort what the best plan with it costs more than the best of all, exactly
 */
public record OtherStroke(String what, double extraEffort) {}
