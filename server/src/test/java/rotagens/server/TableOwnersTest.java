package rotagens.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** A table is written by one package, and by no other. */
class TableOwnersTest {

    private static final Path SOURCES = Path.of("src/main/java/rotagens/server");
    private static final Path DOCUMENT = Path.of("../docs/architecture.md");
    private static final Pattern WRITE =
            Pattern.compile("\\b(?:insertInto|update|deleteFrom|mergeInto|newRecord)\\(\\s*([A-Z][A-Z_]+)\\b");
    private static final Pattern ROW =
            Pattern.compile("^\\| `([a-z]+)` \\| ((?:`\\w+`(?: |$|(?= \\|)))+)", Pattern.MULTILINE);
    private static final Pattern READ_OVER =
            Pattern.compile("^\\| `(\\w+Store)` \\| (`[^|]+`) \\| [^|]+ \\|$", Pattern.MULTILINE);
    private static final Pattern NAME = Pattern.compile("`(\\w+)`");

    static Map<String, Set<String>> writers(Path sources) throws IOException {
        Map<String, Set<String>> writers = new TreeMap<>();
        try (Stream<Path> files = Files.walk(sources)) {
            for (Path file :
                    files.filter(one -> one.toString().endsWith(".java")).toList()) {
                String room = sources.relativize(file).getName(0).toString();
                Matcher write = WRITE.matcher(Files.readString(file));
                while (write.find()) {
                    writers.computeIfAbsent(write.group(1).toLowerCase(), none -> new TreeSet<>())
                            .add(room);
                }
            }
        }
        return writers;
    }

    private static final Pattern USED =
            Pattern.compile("import static rotagens\\.server\\.storage\\.generated\\.Tables\\.(\\w+);");
    private static final Set<String> NAMES = Set.of("person", "vehicle", "vehicle_class", "position", "yard");

    private static Map<String, String> documented() throws IOException {
        String document = Files.readString(DOCUMENT);
        String part = document.substring(document.indexOf("### Tables and their owners"));
        part = part.substring(0, part.indexOf("\n#", 10));
        Map<String, String> owners = new TreeMap<>();
        Matcher row = ROW.matcher(part);
        while (row.find()) {
            Matcher name = NAME.matcher(row.group(2));
            while (name.find()) {
                owners.put(name.group(1), row.group(1));
            }
        }
        return owners;
    }

    @Test
    @DisplayName("every table that is written has one owner, the one docs/architecture.md names")
    void owners() throws IOException {
        Map<String, String> documented = documented();
        Map<String, Set<String>> writers = writers(SOURCES);
        assertThat(writers).hasSizeGreaterThan(60);
        writers.forEach(
                (table, rooms) -> assertThat(rooms).as("who writes " + table).containsExactly(documented.get(table)));
    }

    @Test
    @DisplayName("a table is named once, and none that isn't there")
    void named() throws IOException {
        String generated = Files.readString(
                Path.of("target/generated-sources/jooq/rotagens/server/storage/generated/Tables.java"));
        documented().keySet().forEach(table -> assertThat(generated).contains(" " + table.toUpperCase() + " = "));
    }

    @Test
    @DisplayName("a store reads over another owner's table only where docs/architecture.md says why")
    void readOver() throws IOException {
        Map<String, String> owners = documented();
        Map<String, Set<String>> found = new TreeMap<>();
        try (Stream<Path> files = Files.walk(SOURCES)) {
            for (Path file :
                    files.filter(one -> one.toString().endsWith("Store.java")).toList()) {
                String room = SOURCES.relativize(file).getName(0).toString();
                Matcher used = USED.matcher(Files.readString(file));
                while (used.find()) {
                    String table = used.group(1).toLowerCase();
                    if (!NAMES.contains(table) && !room.equals(owners.get(table))) {
                        found.computeIfAbsent(
                                        file.getFileName().toString().replace(".java", ""), none -> new TreeSet<>())
                                .add(table);
                    }
                }
            }
        }
        Map<String, Set<String>> written = new TreeMap<>();
        Matcher row = READ_OVER.matcher(Files.readString(DOCUMENT));
        while (row.find()) {
            Set<String> tables = written.computeIfAbsent(row.group(1), none -> new TreeSet<>());
            NAME.matcher(row.group(2)).results().forEach(name -> tables.add(name.group(1)));
        }
        assertThat(found).isEqualTo(written);
    }
}
