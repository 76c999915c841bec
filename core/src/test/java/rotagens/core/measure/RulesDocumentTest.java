package rotagens.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import rotagens.core.policy.PolicyNumber;

class RulesDocumentTest {

    private static final Path RULES = Path.of("../docs/rules.md");

    @ParameterizedTest
    @EnumSource(Rule.class)
    @DisplayName("docs/rules.md explains every rule under the name the screen shows")
    void everyRuleIsExplained(Rule rule) throws IOException {
        assertThat(Files.readString(RULES)).contains("**" + rule.title() + "**");
    }

    @ParameterizedTest
    @EnumSource(PolicyNumber.class)
    @DisplayName("docs/rules.md lists every policy number with its default")
    void everyPolicyNumberIsListed(PolicyNumber number) throws IOException {
        assertThat(Files.readString(RULES))
                .contains("| " + number.title() + " | " + number.label(number.defaultValue()) + " |");
    }
}
