package rotagens.server;

import static org.assertj.core.api.Assertions.assertThat;

import com.ibm.icu.text.MessagePattern;
import com.sun.source.tree.CompilationUnitTree;
import com.sun.source.tree.ExpressionTree;
import com.sun.source.tree.LiteralTree;
import com.sun.source.tree.MethodInvocationTree;
import com.sun.source.util.JavacTask;
import com.sun.source.util.TreeScanner;
import java.io.IOException;
import java.io.Reader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Properties;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Stream;
import javax.tools.JavaCompiler;
import javax.tools.StandardJavaFileManager;
import javax.tools.ToolProvider;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Sentences stand in words files, and what the code says fits what stands there. */
class SentencesTest {

    private static final Path ROOT = Path.of("..").toAbsolutePath().normalize();

    /** A call that says a sentence: its key, and the names of the parts it gives. */
    private record Said(String key, Set<String> names) {}

    static Set<String> parts(String pattern) {
        MessagePattern parsed = new MessagePattern(pattern);
        Set<String> names = new TreeSet<>();
        for (int i = 0; i < parsed.countParts(); i++) {
            if (parsed.getPartType(i) == MessagePattern.Part.Type.ARG_NAME) {
                names.add(parsed.getSubstring(parsed.getPart(i)));
            }
        }
        return names;
    }

    private static Map<String, Properties> words(String module) throws IOException {
        Path resources = ROOT.resolve(module).resolve("src/main/resources");
        Map<String, Properties> found = new TreeMap<>();
        try (Stream<Path> files = Files.walk(resources)) {
            for (Path file :
                    files.filter(one -> one.endsWith("words.properties")).toList()) {
                Properties words = new Properties();
                try (Reader reader = Files.newBufferedReader(file)) {
                    words.load(reader);
                }
                found.put(resources.relativize(file.getParent()).toString().replace('/', '.'), words);
            }
        }
        return found;
    }

    private static Map<String, List<Said>> said(String module) throws IOException {
        JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
        Map<String, List<Said>> said = new TreeMap<>();
        try (StandardJavaFileManager manager = compiler.getStandardFileManager(null, null, StandardCharsets.UTF_8);
                Stream<Path> files = Files.walk(ROOT.resolve(module).resolve("src/main/java"))) {
            JavacTask task = (JavacTask) compiler.getTask(
                    null,
                    manager,
                    null,
                    List.of("-proc:none"),
                    null,
                    manager.getJavaFileObjectsFromPaths(
                            files.filter(one -> one.toString().endsWith(".java"))
                                    .toList()));
            for (CompilationUnitTree unit : task.parse()) {
                List<Said> here =
                        said.computeIfAbsent(String.valueOf(unit.getPackageName()), name -> new ArrayList<>());
                new TreeScanner<Void, Void>() {
                    @Override
                    public Void visitMethodInvocation(MethodInvocationTree call, Void nothing) {
                        String method = call.getMethodSelect().toString();
                        if (method.equals("WORDS.say") || method.equals("WORDS.message")) {
                            saidBy(call.getArguments()).forEach(here::add);
                        }
                        return super.visitMethodInvocation(call, nothing);
                    }
                }.scan(unit, null);
            }
        }
        return said;
    }

    private static List<Said> saidBy(List<? extends ExpressionTree> arguments) {
        Set<String> names = new TreeSet<>();
        for (int i = 1; i < arguments.size(); i += 2) {
            names.add(text(arguments.get(i)));
        }
        List<Said> said = new ArrayList<>();
        new TreeScanner<Void, Void>() {
            @Override
            public Void visitLiteral(LiteralTree key, Void nothing) {
                said.add(new Said(text(key), names));
                return null;
            }
        }.scan(arguments.get(0), null);
        return said;
    }

    private static String text(ExpressionTree literal) {
        return String.valueOf(((LiteralTree) literal).getValue());
    }

    @ParameterizedTest
    @ValueSource(strings = {"core", "server"})
    @DisplayName("every sentence the code says stands in the words file of its package with the very parts it is given")
    void given(String module) throws IOException {
        Map<String, Properties> words = words(module);
        List<String> wrong = new ArrayList<>();
        said(module)
                .forEach((home, all) -> all.forEach(said -> {
                    String pattern = words.getOrDefault(home, new Properties()).getProperty(said.key());
                    if (pattern == null) {
                        wrong.add(home + " says “" + said.key() + "”, which stands nowhere");
                    } else if (!parts(pattern).equals(said.names())) {
                        wrong.add(
                                home + " gives “" + said.key() + "” " + said.names() + ", it wants " + parts(pattern));
                    }
                }));
        assertThat(wrong).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"core", "server"})
    @DisplayName("no sentence stands in a words file that nothing says")
    void unused(String module) throws IOException {
        Map<String, List<Said>> said = said(module);
        List<String> unused = new ArrayList<>();
        words(module).forEach((home, words) -> {
            Set<String> left = new TreeSet<>(words.stringPropertyNames());
            said.getOrDefault(home, List.of()).forEach(one -> left.remove(one.key()));
            left.forEach(key -> unused.add(home + ": " + key));
        });
        assertThat(unused).isEmpty();
    }

    @Test
    @DisplayName("a part that isn’t given, in a plural form too, is seen")
    void finds() {
        assertThat(parts("{count, plural, one {# tire} other {# tires of {unit}}}, {day}"))
                .containsExactly("count", "day", "unit");
    }
}
