package app.fret.bench.students;

/** What is prepared. */
enum Programme {
  LIST("five passages in 60 days, 75 minutes", 5, 60, 75, 20, 0.5, 1),
  MOVEMENT("two long passages in 60 days, 60 minutes", 2, 60, 60, 75, 0.5, 0.75),
  LATE("five passages in 35 days, 75 minutes", 5, 35, 75, 20, 0.6, 1);

  final String words;
  final int passages;
  final int days;
  final int minutes;
  final double passSeconds;
  final double leastClean;
  final double ease;

  Programme(
      String words,
      int passages,
      int days,
      int minutes,
      double passSeconds,
      double leastClean,
      double ease) {
    this.leastClean = leastClean;
    this.ease = ease;
    this.words = words;
    this.passages = passages;
    this.days = days;
    this.minutes = minutes;
    this.passSeconds = passSeconds;
  }
}
