package rotagens.server.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Assertions;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rotagens.server.WholeServer;

class HalfSentTest {

    private static final int MORE_THAN_THREADS = 60;

    @TempDir
    Path folder;

    private final List<Socket> open = new ArrayList<>();

    @AfterEach
    void hangUp() throws IOException {
        for (Socket socket : open) {
            socket.close();
        }
    }

    private void halfSent(int port, String headers) throws IOException {
        Socket socket = new Socket("127.0.0.1", port);
        open.add(socket);
        socket.getOutputStream()
                .write(("POST /api/session HTTP/1.1\r\nHost: localhost\r\nContent-Type: application/json\r\n"
                                + "Content-Length: 200000\r\n" + headers + "\r\n{\"name\":")
                        .getBytes(StandardCharsets.UTF_8));
        socket.getOutputStream().flush();
    }

    private static void staysAnswering(WholeServer server) {
        Assertions.assertTimeoutPreemptively(
                Duration.ofSeconds(8),
                () -> assertThat(server.get("/api/session").statusCode()).isEqualTo(200),
                "whoever only reads is answered while half-sent bodies wait");
    }

    @Test
    @DisplayName(
            "more half-sent bodies than the server has threads don’t keep a reader out, whether they are let in or refused")
    void halfSent() throws Exception {
        try (WholeServer server = WholeServer.start(folder)) {
            HttpResponse<String> first = server.get("/api/session");
            String token = first.headers().allValues("Set-Cookie").stream()
                    .filter(cookie -> cookie.startsWith("XSRF-TOKEN="))
                    .map(cookie -> cookie.substring("XSRF-TOKEN=".length(), cookie.indexOf(';')))
                    .findFirst()
                    .orElseThrow();
            for (int i = 0; i < MORE_THAN_THREADS; i++) {
                halfSent(server.port(), "Cookie: XSRF-TOKEN=" + token + "\r\nX-XSRF-TOKEN: " + token + "\r\n");
            }
            staysAnswering(server);
            for (int i = 0; i < MORE_THAN_THREADS; i++) {
                halfSent(server.port(), "");
            }
            staysAnswering(server);
        }
    }
}
