package app.fret.desktop;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;

/** A clock that stands still until it is moved. */
public final class MovingClock extends Clock {
  private volatile Instant now;

  /** A clock that shows a moment. */
  public MovingClock(String moment) {
    this.now = Instant.parse(moment);
  }

  /** Moves it on. */
  public void move(Duration on) {
    now = now.plus(on);
  }

  @Override
  public ZoneId getZone() {
    return ZoneOffset.UTC;
  }

  @Override
  public Clock withZone(ZoneId zone) {
    return this;
  }

  @Override
  public Instant instant() {
    return now;
  }
}
