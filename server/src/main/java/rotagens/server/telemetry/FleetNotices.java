package rotagens.server.telemetry;

import java.time.Instant;
import java.util.Map;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import rotagens.core.measure.Message;
import rotagens.core.measure.Units;
import rotagens.server.telemetry.SensorPlaces.Place;
import rotagens.server.web.EventStreams;
import rotagens.server.webhooks.Webhooks;
import tools.jackson.databind.json.JsonMapper;

/**
 * Tells what was noticed just now: open pages as soon as it is on record, other systems by a message kept in the same
 * transaction, so that none is lost.
 */
@Component
class FleetNotices {

    static final String TOPIC = "fleet";

    /**
     * What was noticed.
     *
     * @param alert what it is, in words
     * @param statement with its figures, in US units
     */
    record FleetNotice(
            String type, long vehicleId, String unit, String position, String alert, String statement, Instant at) {}

    private final EventStreams streams;
    private final Webhooks webhooks;
    private final JsonMapper json;

    FleetNotices(EventStreams streams, Webhooks webhooks, JsonMapper json) {
        this.streams = streams;
        this.webhooks = webhooks;
        this.json = json;
    }

    /** Inside the transaction that opened it. */
    void opened(Place place, String alert, Message statement, Instant at) {
        FleetNotice notice = new FleetNotice(
                "alert.opened",
                place.vehicle().id(),
                place.vehicle().facts().unit(),
                place.position().code(),
                alert,
                statement.in(Units.US),
                at);
        webhooks.send(Map.of("type", notice.type(), "notice", notice));
        String told = json.writeValueAsString(notice);
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                streams.tell(TOPIC, "alert", told);
            }
        });
    }
}
