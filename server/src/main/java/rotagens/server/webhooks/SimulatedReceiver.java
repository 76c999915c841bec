package rotagens.server.webhooks;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.DisposableBean;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/**
 * Stands in for another system that is told: listens on this machine from when it is first looked at, takes what comes, checks its
 * signature as a real one should, and keeps the last messages in memory.
 */
@RestController
class SimulatedReceiver implements DisposableBean {

    /**
     * A message as it came.
     *
     * @param isSigned whether its signature is that of a secret made for this address
     */
    record ReceivedView(Instant at, String message, boolean isSigned) {}

    /** @param address to be entered as the other system’s */
    record SimulatedReceiverView(String address, List<ReceivedView> received) {}

    private static final int KEPT = 20;
    private static final int LONGEST = 64 * 1024;

    private final Webhooks webhooks;
    private final Clock clock;
    private final Deque<ReceivedView> received = new ArrayDeque<>();
    private @Nullable HttpServer server;

    SimulatedReceiver(Webhooks webhooks, Clock clock) {
        this.webhooks = webhooks;
        this.clock = clock;
    }

    /** The demo’s own receiver: its address and what it was told. */
    @GetMapping("/api/simulators/receiver")
    synchronized SimulatedReceiverView getSimulatedReceiver() {
        return new SimulatedReceiverView(address(), List.copyOf(received));
    }

    private String address() {
        try {
            if (server == null) {
                server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), 0), 0);
                server.createContext("/", this::take);
                server.start();
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return "http://127.0.0.1:" + server.getAddress().getPort() + "/told";
    }

    private void take(HttpExchange exchange) throws IOException {
        String body = new String(exchange.getRequestBody().readNBytes(LONGEST), StandardCharsets.UTF_8);
        String signature = exchange.getRequestHeaders().getFirst(WebhookSignature.HEADER);
        boolean isSigned = webhooks.secretsOf(address()).stream()
                .anyMatch(secret -> WebhookSignature.isRight(secret, signature, body));
        synchronized (this) {
            received.addFirst(new ReceivedView(clock.instant(), body, isSigned));
            if (received.size() > KEPT) {
                received.removeLast();
            }
        }
        exchange.sendResponseHeaders(isSigned ? 204 : 401, -1);
        exchange.close();
    }

    @Override
    public synchronized void destroy() {
        if (server != null) {
            server.stop(0);
        }
    }
}
