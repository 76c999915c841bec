package rotagens.server.webhooks;

import static rotagens.server.webhooks.WebhooksWords.WORDS;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Clock;
import java.time.Duration;
import java.util.HashSet;
import java.util.Set;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** Sends what waits, outside any transaction; follows no redirect, and waits for nobody longer than ten seconds. */
@Component
class WebhookSender {

    private static final Duration WAITS = Duration.ofSeconds(10);

    private final Webhooks webhooks;
    private final Clock clock;
    private final HttpClient http = HttpClient.newBuilder()
            .connectTimeout(WAITS)
            .followRedirects(HttpClient.Redirect.NEVER)
            .build();

    WebhookSender(Webhooks webhooks, Clock clock) {
        this.webhooks = webhooks;
        this.clock = clock;
    }

    @Scheduled(initialDelayString = "PT10S", fixedDelayString = "PT5S")
    void sendDue() {
        Set<String> silent = new HashSet<>();
        for (Webhooks.Due message : webhooks.due()) {
            if (silent.contains(message.address())) {
                continue; // a receiver that is gone holds up no other; its next message comes with the next round
            }
            try {
                HttpResponse<Void> answer = http.send(request(message), HttpResponse.BodyHandlers.discarding());
                if (answer.statusCode() / 100 == 2) {
                    webhooks.delivered(message);
                } else {
                    webhooks.failed(message, WORDS.say("answered", "statusCode", answer.statusCode()));
                }
            } catch (IOException e) {
                silent.add(message.address());
                webhooks.failed(message, WORDS.say("cantBeReached"));
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                return;
            }
        }
    }

    private HttpRequest request(Webhooks.Due message) {
        return HttpRequest.newBuilder(URI.create(message.address()))
                .timeout(WAITS)
                .header("Content-Type", "application/json")
                .header("Rotagens-Message", String.valueOf(message.id()))
                .header(WebhookSignature.HEADER, WebhookSignature.of(message.secret(), clock.instant(), message.body()))
                .POST(HttpRequest.BodyPublishers.ofString(message.body()))
                .build();
    }
}
