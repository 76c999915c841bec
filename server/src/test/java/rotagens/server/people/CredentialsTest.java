package rotagens.server.people;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Nobody is taken for another by a name, and no password is among the first tried. */
class CredentialsTest {

    @ParameterizedTest
    @ValueSource(
            strings = {
                "123456789012",
                "password1234",
                "qwertyuiop12",
                "aaaaaaaaaaaaaaaa",
                "abcabcabcabc",
                "rotagensrotagens",
                "Ines Okafor1"
            })
    @DisplayName("what is tried first is no password, however long")
    void guessed(String password) {
        assertThat(Credentials.faultOfPassword(password, "Ines Okafor"))
                .hasValueSatisfying(fault -> assertThat(fault).contains("first ones tried"));
    }

    @Test
    @DisplayName("eleven characters are too few, a few words are enough, a name is none")
    void length() {
        assertThat(Credentials.faultOfPassword("xq7 vb 2mzt", "A"))
                .hasValueSatisfying(fault -> assertThat(fault).contains("at least 12"));
        assertThat(Credentials.faultOfPassword("seven blue wheels", "Ines Okafor"))
                .isEmpty();
        assertThat(Credentials.faultOfPassword("Ines van Okafor", "ines van okafor"))
                .hasValueSatisfying(fault -> assertThat(fault).contains("must not be the name"));
    }

    @Test
    @DisplayName("a name is kept in one form, and none that only looks like another's is taken")
    void names() {
        assertThat(Credentials.name("  José   Ibáñez ")).isEqualTo("José Ibáñez");
        assertThat(Credentials.faultOfName("José Ibáñez")).isEmpty();
        assertThat(Credentials.faultOfName("Иван Петров")).isEmpty();
        assertThat(Credentials.faultOfName("Ines Okаfor"))
                .as("with a Cyrillic а")
                .hasValueSatisfying(fault -> assertThat(fault).contains("two alphabets"));
        assertThat(Credentials.faultOfName("Ines​Okafor"))
                .hasValueSatisfying(fault -> assertThat(fault).contains("can’t be seen"));
        assertThat(Credentials.faultOfName("‮rofakO senI"))
                .hasValueSatisfying(fault -> assertThat(fault).contains("can’t be seen"));
        assertThat(Credentials.faultOfName("")).isPresent();
    }
}
