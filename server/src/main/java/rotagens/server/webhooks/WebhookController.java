package rotagens.server.webhooks;

import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rotagens.server.webhooks.Webhooks.NewWebhookView;
import rotagens.server.webhooks.Webhooks.WebhookRequest;
import rotagens.server.webhooks.Webhooks.WebhookView;

@RestController
class WebhookController {

    private final Webhooks webhooks;

    WebhookController(Webhooks webhooks) {
        this.webhooks = webhooks;
    }

    /** Other systems that are told, and how the last try went. */
    @GetMapping("/api/webhooks")
    List<WebhookView> listWebhooks() {
        return webhooks.all();
    }

    /** Tells another system from now on; its secret is shown this once. */
    @PostMapping("/api/webhooks")
    NewWebhookView createWebhook(@RequestBody WebhookRequest wish) {
        return webhooks.add(wish);
    }

    /** Tells a system no more. */
    @DeleteMapping("/api/webhooks/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void revokeWebhook(@PathVariable long id) {
        webhooks.revoke(id);
    }
}
