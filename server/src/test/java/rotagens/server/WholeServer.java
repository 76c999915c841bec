package rotagens.server;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;

/** The product as its users start it: a server on a port of this machine, on a folder of its own. */
public final class WholeServer implements AutoCloseable {

    private final ConfigurableApplicationContext running;
    private final HttpClient http = HttpClient.newHttpClient();
    private final int port;

    private WholeServer(ConfigurableApplicationContext running, int port) {
        this.running = running;
        this.port = port;
    }

    /** Starts one on a data folder, with further settings as on the command line. */
    public static WholeServer start(Path data, String... settings) throws IOException {
        int port = freePort();
        List<String> words = new ArrayList<>(List.of(
                "--server.port=" + port,
                "--rotagens.data=" + data,
                "--rotagens.sign-in.hash-cost=4",
                "--rotagens.demo=false"));
        words.addAll(List.of(settings));
        return new WholeServer(
                new SpringApplication(RotagensApplication.class).run(words.toArray(String[]::new)), port);
    }

    public static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    public int port() {
        return port;
    }

    public <T> T bean(Class<T> type) {
        return running.getBean(type);
    }

    /** Asks for a page of it. */
    public HttpResponse<String> get(String path) throws IOException, InterruptedException {
        return http.send(
                HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + path))
                        .build(),
                HttpResponse.BodyHandlers.ofString());
    }

    @Override
    public void close() {
        running.close();
    }
}
