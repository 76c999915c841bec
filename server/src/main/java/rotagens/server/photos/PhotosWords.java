package rotagens.server.photos;

import rotagens.core.measure.Words;

/** The sentences of this package: they stand in {@code words.properties} beside it. */
final class PhotosWords {

    static final Words WORDS = Words.beside(PhotosWords.class);

    private PhotosWords() {}
}
