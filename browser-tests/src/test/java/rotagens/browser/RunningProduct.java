package rotagens.browser;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;

/** The packaged product, started with fresh demo data as its users start it, in a process of its own. */
final class RunningProduct implements AutoCloseable {

    private static final Duration PATIENCE = Duration.ofSeconds(120);
    private static final Path APP = Path.of(System.getProperty("rotagens.app", "target/app"));
    private static final String RECORDS = "rotagens.sqlite";

    /** The demo's records as first made; later products of this run copy them. */
    private static Path made;

    private final Path data;
    private int heapMegabytes = 256;
    private final int port;
    private Process process;

    private boolean week;

    private RunningProduct(Path data, int port) {
        this.data = data;
        this.port = port;
    }

    /** The demo's fleet with an empty shop: a test puts into it what it needs. */
    static RunningProduct onDemoData() {
        return on(true, false);
    }

    /** The demo as its user gets it, in the middle of a week. */
    static RunningProduct onWholeDemo() {
        return on(true, true);
    }

    static RunningProduct onNothing() {
        return on(false, false);
    }

    /** On records that lie there already, with a large fleet's memory. */
    static RunningProduct onRecordsIn(Path data) {
        try {
            RunningProduct product = new RunningProduct(data, freePort());
            product.heapMegabytes = 400;
            product.start(true);
            return product;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static RunningProduct on(boolean demo, boolean week) {
        try {
            RunningProduct product = new RunningProduct(Files.createTempDirectory("rotagens-browser"), freePort());
            product.week = week;
            boolean bare = demo && !week;
            if (bare && made != null) {
                Files.copy(made, product.data.resolve(RECORDS));
            }
            product.start(demo);
            if (bare && made == null) {
                made = product.copyOfRecords();
            }
            return product;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static int freePort() throws IOException {
        try (ServerSocket free = new ServerSocket(0)) {
            return free.getLocalPort();
        }
    }

    /** Of the stopped product: its log is in the file then. */
    private Path copyOfRecords() throws IOException {
        close();
        Path copy = Files.createTempDirectory("rotagens-demo").resolve(RECORDS);
        Files.copy(data.resolve(RECORDS), copy);
        start(true);
        return copy;
    }

    String address() {
        return "http://localhost:" + port;
    }

    private static final Pattern NAMED = Pattern.compile("\\{([A-Z]+-[0-9]+)(?: (\\w+))?}");

    /** An address whose vehicles and tires are called by name: {@code /vehicles/{LC-03}/wear}, {@code /tires/{LC-03 2RO}}. */
    String at(String path) {
        return address() + NAMED.matcher(path).replaceAll(named -> String.valueOf(id(named.group(1), named.group(2))));
    }

    /** A vehicle by its unit number, or the tire at one of its positions. */
    private long id(String unit, String position) {
        String wanted = position == null
                ? "SELECT id FROM vehicle WHERE unit = ?"
                : "SELECT installation.tire_id FROM installation JOIN position ON position.id = installation.position_id"
                        + " JOIN vehicle ON vehicle.id = position.vehicle_id WHERE vehicle.unit = ? AND position.code = ?";
        try (Connection database = DriverManager.getConnection("jdbc:sqlite:" + data.resolve(RECORDS));
                PreparedStatement looking = database.prepareStatement(wanted)) {
            looking.setString(1, unit);
            if (position != null) {
                looking.setString(2, position);
            }
            ResultSet found = looking.executeQuery();
            if (!found.next()) {
                throw new IllegalArgumentException(unit + " " + position);
            }
            return found.getLong(1);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Stops the process and starts another on the same data folder. */
    void restart() {
        close();
        startAgain();
    }

    /** Ends the process at once, as a pulled plug would. */
    void kill() {
        process.destroyForcibly();
        try {
            process.waitFor(20, TimeUnit.SECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    /** Changes the records of the stopped product by hand, as nothing in the product would. */
    void onRecords(String statement) {
        try (Connection database = DriverManager.getConnection("jdbc:sqlite:" + data.resolve(RECORDS));
                Statement changing = database.createStatement()) {
            changing.executeUpdate(statement);
        } catch (SQLException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Starts again on the same data folder and port. */
    void startAgain() {
        start(true);
    }

    private void start(boolean demo) {
        try {
            process = new ProcessBuilder(List.of(
                            Path.of(System.getProperty("java.home"), "bin", "java")
                                    .toString(),
                            "-XX:+UseSerialGC",
                            "-XX:TieredStopAtLevel=1",
                            "-XX:SharedArchiveFile=" + APP.resolve("rotagens.jsa"),
                            "-Xshare:auto",
                            "-Xmx" + heapMegabytes + "m",
                            "-jar",
                            APP.resolve("rotagens.jar").toString(),
                            "--rotagens.data=" + data,
                            "--rotagens.demo=" + demo,
                            "--rotagens.demo.week=" + week,
                            "--server.port=" + port))
                    .redirectErrorStream(true)
                    .redirectOutput(data.resolve("server.log").toFile())
                    .start();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        awaitAnswer();
    }

    private void awaitAnswer() {
        HttpClient http = HttpClient.newHttpClient();
        HttpRequest ask =
                HttpRequest.newBuilder(URI.create(address() + "/api/session")).build();
        Instant until = Instant.now().plus(PATIENCE);
        while (Instant.now().isBefore(until) && process.isAlive()) {
            try {
                if (http.send(ask, HttpResponse.BodyHandlers.discarding()).statusCode() == 200) {
                    return;
                }
            } catch (IOException notYet) {
                pause();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                throw new IllegalStateException(e);
            }
        }
        throw new IllegalStateException("The product did not start; see " + data.resolve("server.log"));
    }

    private void pause() {
        try {
            // Waits for the process to end, at most so long: a start that fails is seen at once.
            process.waitFor(100, TimeUnit.MILLISECONDS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    @Override
    public void close() {
        process.destroy();
        try {
            if (!process.waitFor(20, TimeUnit.SECONDS)) {
                process.destroyForcibly();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
