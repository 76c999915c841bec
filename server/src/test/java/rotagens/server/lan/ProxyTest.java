package rotagens.server.lan;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Locale;
import java.util.concurrent.TimeUnit;
import java.util.regex.Pattern;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import rotagens.server.WholeServer;

/** Behind a real reverse proxy, set up as docs/administration.md says. */
class ProxyTest {

    @TempDir
    Path folder;

    /** The recipe’s own lines, so that the recipe is what is tested; only ports and paths are this test’s. */
    private String recipe(int door, int port) throws IOException {
        String docs = Files.readString(Path.of("../docs/administration.md"));
        int from = docs.indexOf("server {");
        String server = docs.substring(from, docs.indexOf("```", from));
        assertThat(server).contains("listen 443 ssl;").contains("http://127.0.0.1:8484");
        String here = server.replace("listen 443 ssl;", "listen 127.0.0.1:" + door + ";")
                .replaceAll("ssl_certificate[^;]*;", "")
                .replace("http://127.0.0.1:8484", "http://127.0.0.1:" + port);
        return "daemon off; pid " + folder.resolve("pid") + "; error_log stderr; events {} http { access_log off;"
                + " client_body_temp_path " + folder.resolve("body") + "; proxy_temp_path " + folder.resolve("proxy")
                + "; fastcgi_temp_path " + folder.resolve("f") + "; uwsgi_temp_path " + folder.resolve("u")
                + "; scgi_temp_path " + folder.resolve("s") + "; " + here + "}";
    }

    private static void untilItListens(Process proxy, int door) throws InterruptedException {
        for (int tried = 0; tried < 200 && proxy.isAlive(); tried++) {
            try (Socket there = new Socket("127.0.0.1", door)) {
                return;
            } catch (IOException notYet) {
                proxy.waitFor(50, TimeUnit.MILLISECONDS);
            }
        }
        throw new AssertionError("the proxy did not start");
    }

    @Test
    @DisplayName(
            "the program is reached by the proxy’s name, believes the proxy and nobody else, and events pass unbuffered")
    void proxied() throws Exception {
        int door = WholeServer.freePort();
        try (WholeServer server = WholeServer.start(
                folder.resolve("data"),
                "--rotagens.proxy=fleet.example",
                "--rotagens.sign-in.tries-from-an-address=3")) {
            Path configuration = Files.writeString(folder.resolve("nginx.conf"), recipe(door, server.port()));
            Process proxy = new ProcessBuilder("nginx", "-p", folder.toString(), "-c", configuration.toString())
                    .redirectErrorStream(true)
                    .redirectOutput(folder.resolve("nginx.log").toFile())
                    .start();
            try {
                untilItListens(proxy, door);
                String through =
                        raw(door, "GET /api/session HTTP/1.1\r\nHost: fleet.example\r\nConnection: close\r\n\r\n");
                assertThat(through).startsWith("HTTP/1.1 200");
                assertThat(through.toLowerCase(Locale.ROOT)).contains("; secure");
                assertThat(raw(
                                door,
                                "GET /api/session HTTP/1.1\r\nHost: elsewhere.example\r\nConnection: close\r\n\r\n"))
                        .startsWith("HTTP/1.1 421");
                String token = Pattern.compile("XSRF-TOKEN=([^;]+)")
                        .matcher(through)
                        .results()
                        .findFirst()
                        .orElseThrow()
                        .group(1);
                String last = "";
                for (int guess = 0; guess < 4; guess++) {
                    last = raw(door, signIn(token, "198.51.100." + guess));
                }
                assertThat(last)
                        .as("who a client says it is doesn’t give it more tries")
                        .startsWith("HTTP/1.1 429");
            } finally {
                proxy.destroy();
                proxy.waitFor();
            }
        }
    }

    private static String signIn(String token, String claimed) {
        String body = "{\"name\":\"Owner\",\"password\":\"guess\"}";
        return "POST /api/session HTTP/1.1\r\nHost: fleet.example\r\nConnection: close\r\nX-Forwarded-For: " + claimed
                + "\r\nContent-Type: application/json\r\nCookie: XSRF-TOKEN=" + token + "\r\nX-XSRF-TOKEN: " + token
                + "\r\nContent-Length: " + body.length() + "\r\n\r\n" + body;
    }

    private static String raw(int port, String request) throws IOException {
        try (Socket socket = new Socket("127.0.0.1", port)) {
            socket.getOutputStream().write(request.getBytes(java.nio.charset.StandardCharsets.US_ASCII));
            socket.getOutputStream().flush();
            return new String(socket.getInputStream().readAllBytes(), java.nio.charset.StandardCharsets.UTF_8);
        }
    }
}
