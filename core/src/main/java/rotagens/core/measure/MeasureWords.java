package rotagens.core.measure;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class MeasureWords {

    static final Words WORDS = Words.beside(MeasureWords.class);

    private MeasureWords() {}
}
