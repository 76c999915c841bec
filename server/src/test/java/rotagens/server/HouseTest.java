package rotagens.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** The house stays easy to see. */
class HouseTest {

    private static final int LONG = 400;
    private static final Path ROOT = Path.of("..");
    private static final List<String> ROOMS = List.of(
            "core/src/main",
            "core/src/test",
            "server/src/main",
            "server/src/test",
            "browser-tests/src",
            "frontend/src");
    private static final Pattern REASON = Pattern.compile("^\\| `([^`]+)` \\| (.{20,}) \\|$", Pattern.MULTILINE);

    private static final Pattern NAMED = Pattern.compile("`(\\w+)\\.(\\w+)`");

    /** A test of the interface, by its file and its sentence. */
    private static final Pattern NAMED_ON_A_PAGE = Pattern.compile("`(\\w+\\.test\\.tsx?)` \\(([^)]+)\\)");

    @Test
    @DisplayName("a file over 400 lines has its reason in docs/architecture.md, and no reason outlives its file")
    void longFiles() throws IOException {
        Set<String> longOnes = new TreeSet<>();
        for (String room : ROOMS) {
            try (Stream<Path> files = Files.walk(ROOT.resolve(room))) {
                files.filter(file -> file.toString().matches(".*\\.(java|ts|tsx)"))
                        .filter(file -> !file.endsWith("api/schema.ts"))
                        .filter(file -> lines(file) > LONG)
                        .forEach(file -> longOnes.add(file.getFileName().toString()));
            }
        }
        String document = Files.readString(ROOT.resolve("docs/architecture.md"));
        Set<String> told = new TreeSet<>();
        Matcher reason = REASON.matcher(document.substring(document.indexOf("## Files over 400 lines")));
        while (reason.find()) {
            told.add(reason.group(1));
        }
        assertThat(told).isEqualTo(longOnes);
    }

    @Test
    @DisplayName("every package says what lives there and what may not")
    void rooms() throws IOException {
        for (String room : List.of("core/src/main/java", "server/src/main/java")) {
            try (Stream<Path> folders = Files.walk(ROOT.resolve(room))) {
                for (Path folder : folders.filter(Files::isDirectory).toList()) {
                    try (Stream<Path> files = Files.list(folder)) {
                        if (files.noneMatch(file -> file.toString().endsWith(".java"))) {
                            continue;
                        }
                    }
                    assertThat(folder.resolve("package-info.java"))
                            .exists()
                            .content()
                            .containsPattern("(?s)/\\*\\*.{20,}<p>Not here: .{10,}\\*/");
                }
            }
        }
    }

    @Test
    @DisplayName("every class and file that the walks through the house name is there, and its picture is")
    void walks() throws IOException {
        Set<String> names = new HashSet<>();
        for (String room : ROOMS) {
            try (Stream<Path> files = Files.walk(ROOT.resolve(room))) {
                files.map(file -> file.getFileName().toString())
                        .forEach(name -> names.add(name.replaceFirst("\\.java$", "")));
            }
        }
        String document = Files.readString(ROOT.resolve("docs/architecture.md"));
        String walks = document.substring(document.indexOf("## Three walks"), document.indexOf("```"));
        Matcher named = Pattern.compile("`([A-Z]\\w+(?:\\.tsx?)?|\\w+\\.tsx?)`").matcher(walks);
        int found = 0;
        while (named.find()) {
            assertThat(names).contains(named.group(1));
            found++;
        }
        assertThat(found).isGreaterThan(30);
        String picture = Files.readString(ROOT.resolve("docs/house.dot"));
        Matcher drawn = Pattern.compile("\\b[a-z]+\\.([A-Z]\\w+)").matcher(picture);
        while (drawn.find()) {
            assertThat(names).contains(drawn.group(1));
            assertThat(Files.readString(ROOT.resolve("docs/house.svg"))).contains(drawn.group(1));
        }
    }

    @Test
    @DisplayName("every hazard has a control and a test, and every test it names is there")
    void hazards() throws IOException {
        Map<String, String> sources = new HashMap<>();
        for (String room : ROOMS) {
            try (Stream<Path> files = Files.walk(ROOT.resolve(room))) {
                for (Path file : files.filter(one -> one.toString().matches(".*\\.(java|test\\.tsx?)"))
                        .toList()) {
                    sources.merge(file.getFileName().toString(), Files.readString(file), String::concat);
                }
            }
        }
        List<String> hazards = Files.readAllLines(ROOT.resolve("docs/hazards.md")).stream()
                .filter(line -> line.startsWith("| H"))
                .toList();
        assertThat(hazards).hasSizeGreaterThanOrEqualTo(30);
        for (String hazard : hazards) {
            String[] cells = hazard.split("\\|");
            assertThat(cells).as(hazard).hasSize(5);
            Matcher named = NAMED.matcher(cells[4]);
            int tests = 0;
            while (named.find()) {
                tests++;
                assertThat(sources.get(named.group(1) + ".java"))
                        .as("%s.%s", named.group(1), named.group(2))
                        .isNotNull()
                        .containsPattern("(void " + named.group(2) + "\\(|ArchRule " + named.group(2) + " )");
            }
            Matcher page = NAMED_ON_A_PAGE.matcher(cells[4]);
            while (page.find()) {
                tests++;
                assertThat(sources.get(page.group(1))).as(page.group(1)).contains("'" + page.group(2) + "'");
            }
            assertThat(tests).as(hazard).isPositive();
        }
    }

    private static int lines(Path file) {
        try {
            return Files.readAllLines(file).size();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
