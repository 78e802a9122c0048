package app.fret.study;

import app.fret.shape.Phrase;
import java.util.List;

/** Why a phrase begins where it does. */
public final class WhyPhrase {
  private WhyPhrase() {}

  /** What speaks for the breath before a phrase, the strongest first; of the first one nothing. */
  public static List<String> of(Study study, Phrase phrase) {
    Boolean own =
        study.choices().shape().own().borders().get(study.places().top(phrase.firstNote()));
    return Boolean.TRUE.equals(own)
        ? List.of("you set it")
        : study.brief().reading().whyBreath(phrase.firstNote());
  }
}
