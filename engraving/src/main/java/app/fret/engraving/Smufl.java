package app.fret.engraving;

/**
 * The music signs in use, with their SMuFL names and code points. Source: SMuFL 1.4, the Standard
 * Music Font Layout.
 */
public enum Smufl {
  G_CLEF("gClef", 0xE050),
  C_CLEF("cClef", 0xE05C),
  F_CLEF("fClef", 0xE062),
  G_CLEF_CHANGE("gClefChange", 0xE07A),
  C_CLEF_CHANGE("cClefChange", 0xE07B),
  F_CLEF_CHANGE("fClefChange", 0xE07C),
  CLEF_8("clef8", 0xE07D),
  CLEF_15("clef15", 0xE07E),
  TIME_0("timeSig0", 0xE080),
  TIME_1("timeSig1", 0xE081),
  TIME_2("timeSig2", 0xE082),
  TIME_3("timeSig3", 0xE083),
  TIME_4("timeSig4", 0xE084),
  TIME_5("timeSig5", 0xE085),
  TIME_6("timeSig6", 0xE086),
  TIME_7("timeSig7", 0xE087),
  TIME_8("timeSig8", 0xE088),
  TIME_9("timeSig9", 0xE089),
  TIME_COMMON("timeSigCommon", 0xE08A),
  TIME_CUT("timeSigCutCommon", 0xE08B),
  TIME_PLUS("timeSigPlusSmall", 0xE08D),
  REPEAT_DOT("repeatDot", 0xE044),
  HEAD_BREVE("noteheadDoubleWhole", 0xE0A0),
  HEAD_WHOLE("noteheadWhole", 0xE0A2),
  HEAD_HALF("noteheadHalf", 0xE0A3),
  HEAD_BLACK("noteheadBlack", 0xE0A4),
  DOT("augmentationDot", 0xE1E7),
  TREMOLO_1("tremolo1", 0xE220),
  TREMOLO_2("tremolo2", 0xE221),
  TREMOLO_3("tremolo3", 0xE222),
  TREMOLO_4("tremolo4", 0xE223),
  FLAG_8_UP("flag8thUp", 0xE240),
  FLAG_8_DOWN("flag8thDown", 0xE241),
  FLAG_16_UP("flag16thUp", 0xE242),
  FLAG_16_DOWN("flag16thDown", 0xE243),
  FLAG_32_UP("flag32ndUp", 0xE244),
  FLAG_32_DOWN("flag32ndDown", 0xE245),
  FLAG_64_UP("flag64thUp", 0xE246),
  FLAG_64_DOWN("flag64thDown", 0xE247),
  FLAG_128_UP("flag128thUp", 0xE248),
  FLAG_128_DOWN("flag128thDown", 0xE249),
  FLAT("accidentalFlat", 0xE260),
  NATURAL("accidentalNatural", 0xE261),
  SHARP("accidentalSharp", 0xE262),
  DOUBLE_SHARP("accidentalDoubleSharp", 0xE263),
  DOUBLE_FLAT("accidentalDoubleFlat", 0xE264),
  PARENTHESIS_LEFT("accidentalParensLeft", 0xE26A),
  PARENTHESIS_RIGHT("accidentalParensRight", 0xE26B),
  ACCENT_ABOVE("articAccentAbove", 0xE4A0),
  ACCENT_BELOW("articAccentBelow", 0xE4A1),
  STACCATO_ABOVE("articStaccatoAbove", 0xE4A2),
  STACCATO_BELOW("articStaccatoBelow", 0xE4A3),
  TENUTO_ABOVE("articTenutoAbove", 0xE4A4),
  TENUTO_BELOW("articTenutoBelow", 0xE4A5),
  STACCATISSIMO_ABOVE("articStaccatissimoAbove", 0xE4A6),
  STACCATISSIMO_BELOW("articStaccatissimoBelow", 0xE4A7),
  STRONG_ACCENT_ABOVE("articMarcatoAbove", 0xE4AC),
  STRONG_ACCENT_BELOW("articMarcatoBelow", 0xE4AD),
  TENUTO_STACCATO_ABOVE("articTenutoStaccatoAbove", 0xE4B2),
  TENUTO_STACCATO_BELOW("articTenutoStaccatoBelow", 0xE4B3),
  FERMATA_ABOVE("fermataAbove", 0xE4C0),
  REST_LONG("restLonga", 0xE4E1),
  REST_BREVE("restDoubleWhole", 0xE4E2),
  REST_WHOLE("restWhole", 0xE4E3),
  REST_HALF("restHalf", 0xE4E4),
  REST_QUARTER("restQuarter", 0xE4E5),
  REST_8("rest8th", 0xE4E6),
  REST_16("rest16th", 0xE4E7),
  REST_32("rest32nd", 0xE4E8),
  REST_64("rest64th", 0xE4E9),
  REST_128("rest128th", 0xE4EA),
  LONG_REST_LEFT("restHBarLeft", 0xE4EF),
  LONG_REST_MIDDLE("restHBarMiddle", 0xE4F0),
  LONG_REST_RIGHT("restHBarRight", 0xE4F1),
  OTTAVA_ABOVE("ottavaAlta", 0xE511),
  OTTAVA_BELOW("ottavaBassaBa", 0xE513),
  QUINDICESIMA_ABOVE("quindicesimaAlta", 0xE515),
  QUINDICESIMA_BELOW("quindicesima", 0xE514),
  DYNAMIC_P("dynamicPiano", 0xE520),
  DYNAMIC_M("dynamicMezzo", 0xE521),
  DYNAMIC_F("dynamicForte", 0xE522),
  DYNAMIC_R("dynamicRinforzando", 0xE523),
  DYNAMIC_S("dynamicSforzando", 0xE524),
  DYNAMIC_Z("dynamicZ", 0xE525),
  DYNAMIC_N("dynamicNiente", 0xE526),
  TRILL("ornamentTrill", 0xE566),
  TURN("ornamentTurn", 0xE567),
  TURN_INVERTED("ornamentTurnInverted", 0xE568),
  SHORT_TRILL("ornamentShortTrill", 0xE56C),
  MORDENT("ornamentMordent", 0xE56D),
  SEGNO("segno", 0xE047),
  CODA("coda", 0xE048),
  SNAP_PIZZICATO_BELOW("pluckedSnapPizzicatoBelow", 0xE630),
  SNAP_PIZZICATO_ABOVE("pluckedSnapPizzicatoAbove", 0xE631),
  DOWN_BOW("stringsDownBow", 0xE610),
  UP_BOW("stringsUpBow", 0xE612),
  HARMONIC("stringsHarmonic", 0xE614),
  TUPLET_0("tuplet0", 0xE880),
  TUPLET_1("tuplet1", 0xE881),
  TUPLET_2("tuplet2", 0xE882),
  TUPLET_3("tuplet3", 0xE883),
  TUPLET_4("tuplet4", 0xE884),
  TUPLET_5("tuplet5", 0xE885),
  TUPLET_6("tuplet6", 0xE886),
  TUPLET_7("tuplet7", 0xE887),
  TUPLET_8("tuplet8", 0xE888),
  TUPLET_9("tuplet9", 0xE889),
  BEAT_WHOLE("metNoteWhole", 0xECA2),
  BEAT_HALF("metNoteHalfUp", 0xECA3),
  BEAT_QUARTER("metNoteQuarterUp", 0xECA5),
  BEAT_8("metNote8thUp", 0xECA7),
  BEAT_16("metNote16thUp", 0xECA9),
  BEAT_DOT("metAugmentationDot", 0xECB7);

  private final String fontName;
  private final int codePoint;

  Smufl(String fontName, int codePoint) {
    this.fontName = fontName;
    this.codePoint = codePoint;
  }

  /** Name in the SMuFL standard and in the font's metadata. */
  public String fontName() {
    return fontName;
  }

  /** The sign's code point in the music font. */
  public int codePoint() {
    return codePoint;
  }

  /** The sign as a character of the music font. */
  public String character() {
    return Character.toString(codePoint);
  }

  /** The sign some places further on, for rows such as digits. */
  Smufl plus(int places) {
    return values()[ordinal() + places];
  }
}
