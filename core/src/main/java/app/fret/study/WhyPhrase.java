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
    if (Boolean.TRUE.equals(own)) {
      return List.of("you set it");
    }
    List<String> why = study.brief().reading().whyBreath(phrase.firstNote());
    return why.isEmpty() && phrase.firstNote() > 0 ? List.of(count(study, phrase)) : why;
  }

  /** Where nothing else speaks the bars are counted. */
  private static String count(Study study, Phrase phrase) {
    Phrase before = study.levels().phraseOf(phrase.firstNote() - 1);
    int from = study.notes().get(before.firstNote()).bar();
    int bars = study.notes().get(phrase.firstNote()).bar() - from;
    return bars == 1 ? "a bar is over" : bars + " bars are over";
  }
}
