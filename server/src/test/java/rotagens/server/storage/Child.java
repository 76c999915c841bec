package rotagens.server.storage;

import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** A process of its own that a test may kill. */
public final class Child {

    private Child() {}

    public static Process of(Class<?> main, String... args) throws IOException {
        List<String> command = new ArrayList<>(List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:TieredStopAtLevel=1",
                "-Xmx160m",
                "-cp",
                System.getProperty("java.class.path"),
                main.getName()));
        command.addAll(List.of(args));
        return new ProcessBuilder(command)
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
    }

    /** As a power cut would end it. What it had written to its output by then can still be read. */
    public static void kill(Process child) throws IOException {
        new ProcessBuilder("kill", "-9", String.valueOf(child.pid())).start();
    }
}
