package rotagens.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.IOException;
import java.net.CookieManager;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.ConcurrentSkipListSet;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rotagens.server.storage.Child;

/** {@code -Drotagens.kills=N} makes more rounds of it, twelve at most; {@code ./rotagens faults} does that. */
class ServerKillTest {

    private static final int ROUNDS = Math.min(12, Integer.getInteger("rotagens.kills", 1));
    private static final int CLIENTS = 4;

    @TempDir
    Path folder;

    private static final int TRIES = 2_000;
    private final AtomicInteger miles = new AtomicInteger(900_000);
    private final Set<Integer> acknowledged = new ConcurrentSkipListSet<>();

    @Test
    @DisplayName("the whole server killed while four people save: every save it answered is there after the next start")
    void killed() throws Exception {
        Random random = new Random(3);
        for (int round = 0; round < ROUNDS; round++) {
            int before = acknowledged.size();
            int atLeast = before + 20 + random.nextInt(80);
            round(atLeast);
            assertThat(acknowledged.size()).isGreaterThanOrEqualTo(atLeast);
            check(round);
        }
    }

    private void round(int atLeast) throws Exception {
        int port = free();
        Process server = Child.of(
                RotagensApplication.class,
                "--rotagens.data=" + folder,
                "--rotagens.demo=true",
                "--rotagens.backup.nightly=false",
                "--server.port=" + port);
        try (BufferedReader says = server.inputReader()) {
            String line = says.readLine();
            while (line != null && !line.contains("Started RotagensApplication")) {
                line = says.readLine();
            }
            assertThat(line).as("it started").isNotNull();
            String base = "http://127.0.0.1:" + port;
            List<Thread> clients = new ArrayList<>();
            for (int one = 0; one < CLIENTS; one++) {
                Thread client = new Thread(() -> save(base, atLeast));
                client.start();
                clients.add(client);
            }
            for (Thread client : clients) {
                client.join();
                // Whoever saw enough first ends it for all of them, in the middle of what they are at.
                Child.kill(server);
            }
        } finally {
            Child.kill(server);
            server.waitFor();
        }
    }

    private static int free() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    /** Saves one odometer reading after the other until enough are answered or nobody answers any more. */
    private void save(String base, int atLeast) {
        try {
            CookieManager cookies = new CookieManager();
            HttpClient http = HttpClient.newBuilder().cookieHandler(cookies).build();
            String session = http.send(
                            HttpRequest.newBuilder(URI.create(base + "/api/session"))
                                    .build(),
                            BodyHandlers.ofString())
                    .body();
            String coordinator =
                    session.replaceAll("(?s).*\"id\":(\\d+),\"name\":\"[^\"]*\",\"role\":\"COORDINATOR\".*", "$1");
            assertThat(post(http, cookies, base + "/api/session/demo", "{\"personId\":" + coordinator + "}"))
                    .isEqualTo(200);
            // Two savers overtake each other, so some are refused; were all of them, it would end as well.
            for (int tries = 0; acknowledged.size() < atLeast && tries < TRIES; tries++) {
                int reading = miles.getAndIncrement();
                int status = post(
                        http,
                        cookies,
                        base + "/api/vehicles/1/odometer",
                        "{\"odometer\":\"" + reading + "\",\"confirmed\":true}");
                if (status < 300) {
                    acknowledged.add(reading);
                }
            }
        } catch (IOException e) {
            // The server is gone, as it should be.
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }

    private static int post(HttpClient http, CookieManager cookies, String address, String body)
            throws IOException, InterruptedException {
        String token = cookies.getCookieStore().getCookies().stream()
                .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
                .findFirst()
                .orElseThrow()
                .getValue();
        HttpResponse<String> answer = http.send(
                HttpRequest.newBuilder(URI.create(address))
                        .header("Content-Type", "application/json")
                        .header("X-XSRF-TOKEN", token)
                        .POST(HttpRequest.BodyPublishers.ofString(body))
                        .build(),
                BodyHandlers.ofString());
        return answer.statusCode();
    }

    private void check(int round) throws SQLException {
        try (Connection database = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("rotagens.sqlite"))) {
            Set<Integer> there = new TreeSet<>();
            for (String one : column(database, "SELECT odometer FROM odometer_reading WHERE vehicle_id = 1")) {
                there.add((int) Math.round(Double.parseDouble(one.replaceAll("[^0-9.]", ""))));
            }
            assertThat(there).as("round %d", round).containsAll(acknowledged);
            assertThat(column(database, "PRAGMA integrity_check")).containsExactly("ok");
            assertThat(column(database, "PRAGMA foreign_key_check")).isEmpty();
            assertThat(
                            column(
                                    database,
                                    "SELECT tire_id FROM installation WHERE position_id <> (SELECT to_position_id FROM tire_movement m"
                                            + " WHERE m.tire_id = installation.tire_id AND to_position_id IS NOT NULL ORDER BY moved_at DESC, id DESC LIMIT 1)"))
                    .as("tires that aren't where their ledger ends")
                    .isEmpty();
        }
    }

    private static List<String> column(Connection database, String sql) throws SQLException {
        List<String> values = new ArrayList<>();
        try (var rows = database.createStatement().executeQuery(sql)) {
            while (rows.next()) {
                values.add(rows.getString(1));
            }
        }
        return values;
    }
}
