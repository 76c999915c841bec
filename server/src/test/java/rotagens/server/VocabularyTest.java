package rotagens.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** One word for one thing: what docs/glossary.md says is never said stays out of everything that people or programs read. */
class VocabularyTest {

    private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();
    private static final Pattern ROW = Pattern.compile("^\\|[^|]+\\|[^|]+\\|[^|]+\\| ([^|]+) \\|$", Pattern.MULTILINE);
    private static final Pattern COMMENT = Pattern.compile("/\\*.*?\\*/|(?<![:\"'])//[^\\n]*", Pattern.DOTALL);
    private static final Pattern JAVA_TEXT = Pattern.compile("\"((?:[^\"\\\\\\n]|\\\\.)*)\"");
    private static final Pattern PAGE_STRING = Pattern.compile("'((?:[^'\\\\\\n]|\\\\.)*)'|\"([^\"\\n]*)\"|`([^`]*)`");
    private static final Pattern BETWEEN_TAGS = Pattern.compile("(?<=[>}])([^<>{}]*[A-Za-z][^<>{}]*)(?=[<{])");
    /** What stands between tags or values but is code: assignments, calls and the language's own words. */
    private static final Pattern CODE = Pattern.compile(
            "=|;\\s*\\n|&&|\\|\\||\\w\\(|\\w\\.\\w|\\?\\s*$|\\b(const|import|export|await|async|void)\\b|\\b(if|return|for)\\s*[(]|\\belse\\s*$");

    /** Names of parts and the keywords of a choice in a sentence of a words file. */
    private static final Pattern ICU =
            Pattern.compile("\\{\\w+(, (plural|select),)?|\\b(one|other|true|=\\d+) \\{|[{}#]|\\\\u0020|\\\\ ");

    private static final Pattern VALUE = Pattern.compile("\\$\\{[^}]*\\}");

    /** The last column of the glossary's tables: words parted by a middle dot. */
    private static List<String> never() throws IOException {
        List<String> words = new ArrayList<>();
        Matcher rows = ROW.matcher(Files.readString(ROOT.resolve("docs/glossary.md")));
        while (rows.find()) {
            for (String word : rows.group(1).split(" · ")) {
                if (!word.isBlank() && !word.equals("–") && !word.equals("Never say") && !word.startsWith("---")) {
                    words.add(word.strip());
                }
            }
        }
        return words;
    }

    /** What a person could read of a source: texts and labels, without comments, imports and the values put in. */
    static List<String> texts(String file, String source) {
        String code = COMMENT.matcher(source).replaceAll(" ");
        if (file.endsWith(".properties")) {
            return source.lines()
                    .filter(line -> !line.startsWith("#") && line.contains(" = "))
                    .map(line ->
                            ICU.matcher(line.substring(line.indexOf(" = ") + 3)).replaceAll(" "))
                    .toList();
        }
        if (file.endsWith(".json")) {
            return source.lines()
                    .filter(line -> line.contains("\": \""))
                    .map(line -> ICU.matcher(line.substring(line.indexOf("\": \"") + 4))
                            .replaceAll(" "))
                    .toList();
        }
        if (file.endsWith(".java")) {
            return found(JAVA_TEXT, code);
        }
        code = code.replaceAll("(?m)^import .*$|^} from .*$|.*import\\(.*", "");
        List<String> texts = found(PAGE_STRING, code);
        found(BETWEEN_TAGS, code).stream()
                .filter(text -> !CODE.matcher(text).find())
                .forEach(texts::add);
        return texts;
    }

    private static List<String> found(Pattern pattern, String code) {
        List<String> texts = new ArrayList<>();
        Matcher matcher = pattern.matcher(code);
        while (matcher.find()) {
            for (int group = 1; group <= matcher.groupCount(); group++) {
                if (matcher.group(group) != null) {
                    texts.add(VALUE.matcher(matcher.group(group)).replaceAll(" "));
                }
            }
        }
        return texts;
    }

    static boolean says(String text, String word) {
        boolean sentence = text.contains(" ") || !text.isEmpty() && Character.isUpperCase(text.charAt(0));
        return sentence
                && Pattern.compile("(?<![\\w./-])" + Pattern.quote(word) + "(?![\\w/-])", Pattern.CASE_INSENSITIVE)
                        .matcher(text)
                        .find();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "frontend/src",
                "core/src/main",
                "server/src/main/java",
                "server/src/main/resources/papers",
                "server/src/main/resources/rotagens"
            })
    @DisplayName("no label and no sentence says a word that the glossary rules out")
    void sentences(String room) throws IOException {
        List<String> words = never();
        assertThat(words).hasSizeGreaterThan(40);
        List<String> wrong = new ArrayList<>();
        try (Stream<Path> files = Files.walk(ROOT.resolve(room))) {
            for (Path file : files.filter(one -> one.toString().matches(".*\\.(java|tsx?|html|properties|json)"))
                    .filter(one -> !one.toString().matches(".*(\\.test\\.tsx?|/src/test/.*|api/schema\\.ts)"))
                    .toList()) {
                String source = Files.readString(file);
                for (String text : texts(file.toString(), source)) {
                    words.stream()
                            .filter(word -> says(text, word))
                            .forEach(word -> wrong.add(file.getFileName() + ": “" + word + "” in “" + text + "”"));
                }
            }
        }
        assertThat(wrong).isEmpty();
    }

    @Test
    @DisplayName("no schema, property, code, path or operation of the API bears a word that the glossary rules out")
    void api() throws IOException {
        String document = Files.readString(ROOT.resolve("frontend/openapi.json"));
        Matcher names = Pattern.compile("\"([A-Za-z][\\w-]*|/api/[^\"]*)\"").matcher(document);
        List<String> single =
                never().stream().filter(word -> !word.contains(" ")).toList();
        List<String> wrong = new ArrayList<>();
        while (names.find()) {
            String parted =
                    names.group(1).replaceAll("(?<=[a-z0-9])(?=[A-Z])", " ").replaceAll("[/_{}.-]", " ");
            single.stream()
                    .filter(word -> Pattern.compile("(?i)\\b" + Pattern.quote(word) + "\\b")
                            .matcher(parted)
                            .find())
                    .forEach(word -> wrong.add(word + " in " + names.group(1)));
        }
        assertThat(wrong).isEmpty();
    }

    @Test
    @DisplayName(
            "a word that is ruled out is found in a label, in a sentence and between tags, and not in names of the code")
    void finds() {
        assertThat(texts("A.java", "/** slip */ String a = \"Keep the slip\"; // slip\n"))
                .containsExactly("Keep the slip");
        assertThat(texts(
                        "words.properties",
                        "# slip\nslipKept = Keep {count, plural, one {the slip} other {# slips}} of {slip}\n"))
                .singleElement()
                .satisfies(
                        text -> assertThat(text.replaceAll(" +", " ").strip()).isEqualTo("Keep the slip slips of"));
        assertThat(says("Keep the slip", "slip")).isTrue();
        assertThat(says("Ledger", "ledger")).isTrue();
        assertThat(says("Slippery road", "slip")).isFalse();
        assertThat(says("/vehicles/1/slip", "slip")).isFalse();
        assertThat(texts("A.tsx", "import x from './slip'\n<p>Keep the slip</p>"))
                .anyMatch(text -> says(text, "slip"));
        assertThat(texts("A.tsx", "<p>\n  Saved here; the slip is kept (by itself). <b>See</b>\n</p>"))
                .as("a sentence with a semicolon and brackets")
                .anyMatch(text -> says(text, "slip"));
        assertThat(texts("A.tsx", "<p>{unit} has a slip</p>"))
                .as("after a value")
                .anyMatch(text -> says(text, "slip"));
        assertThat(texts("A.tsx", "`Open ${slip.name} now`")).noneMatch(text -> says(text, "slip"));
    }
}
