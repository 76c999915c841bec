package rotagens.server.tirepages;

import static rotagens.server.tirepages.TirepagesWords.WORDS;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import rotagens.core.measure.Units;
import rotagens.server.tire.TireStore.Movement;
import rotagens.server.vehicle.VehicleStore.PlaceName;

/** A line of the ledger in words. */
final class MovementText {

    private MovementText() {}

    static String of(Movement move, Map<Long, PlaceName> places, Map<Long, String> yards, Units units) {
        List<String> parts = new ArrayList<>();
        parts.add(
                switch (move.type()) {
                    case "INSTALLED" -> WORDS.say("installed");
                    case "REMOVED" -> WORDS.say("removed");
                    case "MOVED" ->
                        WORDS.say(
                                "movedFrom",
                                "from",
                                name(places, move.fromPlaceId()),
                                "to",
                                name(places, move.toPlaceId()));
                    case "RECEIVED" -> WORDS.say("received");
                    case "STORED" -> WORDS.say("stored");
                    case "SET_ASIDE" -> WORDS.say("setAsideForRetread");
                    case "SENT_TO_RETREAD" -> WORDS.say("sentToRetread");
                    case "BACK_FROM_RETREAD" -> WORDS.say("backFromRetread");
                    case "SCRAPPED" -> WORDS.say("scrapped");
                    case "CORRECTED" -> WORDS.say("correction");
                    default -> move.type();
                });
        if (move.yardId() != null) {
            parts.add(yards.get(move.yardId()) + (move.shelf().isEmpty() ? "" : ", " + move.shelf()));
        }
        if (!move.reason().isEmpty()) {
            parts.add(move.reason());
        }
        if (move.odometer() != null) {
            parts.add(WORDS.say("at", "odometer", move.odometer().format(units)));
        }
        if (move.depth() != null) {
            parts.add(WORDS.say("lowestTread", "depth", move.depth().format(units)));
        }
        if (!move.note().isEmpty()) {
            parts.add(move.note());
        }
        return String.join(" · ", parts);
    }

    private static String name(Map<Long, PlaceName> places, Long id) {
        return id == null || places.get(id) == null
                ? WORDS.say("anotherPlace")
                : places.get(id).label();
    }
}
