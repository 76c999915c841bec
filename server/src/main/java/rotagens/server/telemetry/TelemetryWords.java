package rotagens.server.telemetry;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class TelemetryWords {

    static final Words WORDS = Words.beside(TelemetryWords.class);

    private TelemetryWords() {}
}
