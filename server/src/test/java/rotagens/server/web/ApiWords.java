package rotagens.server.web;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.Operation;
import io.swagger.v3.oas.models.tags.Tag;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.util.ClassUtils;
import org.springframework.web.method.HandlerMethod;

/**
 * What the API's document says in words is what the sources say: of a capability the first sentence of its package, of a call its
 * comment. A call without a comment fails the test.
 */
final class ApiWords {

    private static final Path SOURCES = Path.of("src/main/java");

    /** Rows of machines as they send them, shown with the calls that take them. */
    static final Map<String, String> EXAMPLES = new LinkedHashMap<>(
            Map.of(
                    "ingestPressures",
                    "{\"rows\":[{\"sensorId\":\"4F02A1C9\",\"at\":\"2026-11-23T08:15:00Z\",\"pressure\":\"104 psi\",\"temperature\":\"61 F\"}]}",
                    "ingestOdometers",
                    "{\"rows\":[{\"unit\":\"LC-01\",\"at\":\"2026-11-23T08:15:00Z\",\"odometer\":\"123456 mi\"}]}",
                    "ingestSensorAlarms",
                    "{\"rows\":[{\"sensorId\":\"4F02A1C9\",\"at\":\"2026-11-23T08:15:00Z\",\"type\":\"FAST_LOSS\"}]}",
                    "ingestGaugeReading",
                    "{\"person\":\"Rafe Halloran\",\"figure\":\"104 psi\"}",
                    "ingestScaleTicket",
                    "{\"unit\":\"LC-01\",\"ticket\":{\"state\":\"NORMAL\",\"scale\":\"Millrace yard scale\",\"axles\":[{\"axle\":1,\"total\":\"11460 lb\"}]}}"));

    private ApiWords() {}

    /** Puts a call among its capability's, with its comment. */
    static Operation told(Operation operation, HandlerMethod handler) {
        Class<?> type = ClassUtils.getUserClass(handler.getBeanType());
        operation.setTags(List.of(capability(type)));
        String name = handler.getMethod().getName();
        operation.setSummary(spaced(name));
        operation.setDescription(comment(type, name));
        String example = EXAMPLES.get(name);
        if (example != null) {
            operation.getRequestBody().getContent().values().forEach(content -> content.setExample(json(example)));
        }
        return operation;
    }

    private static Object json(String text) {
        return tools.jackson.databind.json.JsonMapper.shared().readValue(text, Map.class);
    }

    /** Says of each capability what its package says of itself. */
    static void capabilities(OpenAPI document) {
        TreeSet<String> used = new TreeSet<>();
        document.getPaths()
                .values()
                .forEach(path -> path.readOperations().forEach(operation -> used.addAll(operation.getTags())));
        document.setTags(used.stream()
                .map(tag -> new Tag().name(tag).description(firstSentence(tag)))
                .toList());
    }

    private static String capability(Class<?> type) {
        return type.getPackageName().replaceAll(".*\\.", "");
    }

    private static String firstSentence(String capability) {
        String about =
                source(SOURCES.resolve("rotagens/server").resolve(capability).resolve("package-info.java"));
        Matcher comment = Pattern.compile("(?s)/\\*\\*(.*?)(<p>|\\*/)").matcher(about);
        return comment.find() ? plain(comment.group(1)) : capability;
    }

    private static String comment(Class<?> type, String method) {
        String source = source(SOURCES.resolve(
                type.getName().replaceAll("\\$.*", "").replace('.', '/').concat(".java")));
        Matcher call = Pattern.compile(
                        "(?s)/\\*\\*((?:(?!\\*/).)*)\\*/\\s*(?:@\\w+(?:\\((?:[^()]|\\([^()]*\\))*\\))?\\s*)+"
                                + "(?:public )?[\\w<>\\[\\], ?.@]+ " + method + "\\(")
                .matcher(source);
        if (!call.find()) {
            throw new AssertionError(type.getSimpleName() + "." + method + " says nothing of itself.");
        }
        return plain(call.group(1).replaceAll("(?s)\\n\\s*\\*\\s*@\\w+.*", ""));
    }

    private static String plain(String comment) {
        return comment.replaceAll("(?m)^\\s*\\* ?", " ")
                .replaceAll("\\{@\\w+ ([^}]*)}", "$1")
                .replaceAll("\\s+", " ")
                .strip();
    }

    private static String spaced(String name) {
        String words = name.replaceAll("([A-Z])", " $1").toLowerCase(java.util.Locale.ROOT);
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    private static String source(Path file) {
        try {
            return Files.readString(file);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
