package rotagens.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.MissingResourceException;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

class WordsTest {

    private static final Words WORDS = Words.beside(WordsTest.class);

    private static String said(String pattern, List<String> names, Object... parts) {
        return new Phrase.Sentence(pattern, Locale.US, names).say(List.of(parts));
    }

    @Test
    @DisplayName("parts go where their names stand, whatever order they are given in")
    void named() {
        assertThat(said("{position} is at {pressure}", List.of("pressure", "position"), "98 psi", "1L"))
                .isEqualTo("1L is at 98 psi");
    }

    @Test
    @DisplayName("a number decides between one and several, and stands in the sentence")
    void plural() {
        String pattern =
                "{count, plural, =0 {No tire} one {# tire} other {# tires}} {count, plural, one {is} other {are}} due";
        assertThat(said(pattern, List.of("count"), 0)).isEqualTo("No tire are due");
        assertThat(said(pattern, List.of("count"), 1)).isEqualTo("1 tire is due");
        assertThat(said(pattern, List.of("count"), 12)).isEqualTo("12 tires are due");
    }

    @Test
    @DisplayName("a figure that decides nothing stands as it was given, without a comma of its own")
    void figures() {
        assertThat(said("Unit {unit}", List.of("unit"), 1024)).isEqualTo("Unit 1024");
    }

    @Test
    @DisplayName("a choice between two wordings goes by true and false, and an apostrophe is an apostrophe")
    void choice() {
        String pattern = "The tire's mate {known, select, true {at {mate}} other {isn’t on file}}";
        assertThat(said(pattern, List.of("known", "mate"), true, "2LI")).isEqualTo("The tire's mate at 2LI");
        assertThat(said(pattern, List.of("known", "mate"), false, "")).isEqualTo("The tire's mate isn’t on file");
    }

    @Test
    @DisplayName("quantities and days are said in the reader’s units, in a sentence inside a sentence too")
    void units() {
        Message inner = new Message(
                new Phrase.Sentence("{read} on {day}", Locale.US, List.of("read", "day")),
                List.of(Pressure.psi(100), LocalDate.of(2031, 5, 4)));
        Message outer = new Message(new Phrase.Sentence("Read: {what}.", Locale.US, List.of("what")), List.of(inner));
        assertThat(outer.in(Units.US)).isEqualTo("Read: 100 psi on May 4, 2031.");
        assertThat(outer.in(Units.METRIC)).startsWith("Read: 689 kPa on ");
    }

    @Test
    @DisplayName("a key nobody wrote a sentence for is refused, not shown as a key")
    void missing() {
        assertThatThrownBy(() -> WORDS.say("nobodyWroteThis")).isInstanceOf(MissingResourceException.class);
        assertThat(WORDS.say("legalTreadLimit")).isEqualTo("Legal tread limit");
    }

    @Test
    @DisplayName(
            "another language is a file more: its own words and plural forms are taken where the program runs in it")
    void language() {
        Locale before = Locale.getDefault(Locale.Category.DISPLAY);
        try {
            Locale.setDefault(Locale.Category.DISPLAY, Locale.forLanguageTag("es"));
            Words spanish = Words.beside(WordsTest.class);
            assertThat(spanish.say("legalTreadLimit")).isEqualTo("Límite legal de dibujo");
            assertThat(spanish.say("pullPoint")).as("not translated yet").isEqualTo("Pull point");
        } finally {
            Locale.setDefault(Locale.Category.DISPLAY, before);
        }
    }
}
