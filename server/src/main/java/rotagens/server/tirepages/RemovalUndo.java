package rotagens.server.tirepages;

import static rotagens.server.tirepages.TirepagesWords.WORDS;

import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.server.people.People;
import rotagens.server.tire.TireStore;
import rotagens.server.tire.TireStore.Line;
import rotagens.server.tire.TireStore.Movement;
import rotagens.server.tirepages.TireViews.MovementView;
import rotagens.server.vehicle.VehicleStore;
import rotagens.server.vehicle.VehicleStore.PlaceName;
import rotagens.server.web.ProblemException;

/**
 * Takes back the entry that a tire was taken off. Both lines stay on record; the tire is on its position as if it had never left
 * it, with the readings taken there. It judges nothing: what was wrong with the tire is wrong with it again.
 */
@Service
class RemovalUndo {

    /** What putting a tire away adds to its removal. */
    private static final Set<String> PUT_AWAY = Set.of("SET_ASIDE", "SENT_TO_RETREAD", "SCRAPPED");

    private final TireStore tires;
    private final VehicleStore vehicles;
    private final People people;
    private final Clock clock;

    RemovalUndo(TireStore tires, VehicleStore vehicles, People people, Clock clock) {
        this.tires = tires;
        this.vehicles = vehicles;
        this.people = people;
        this.clock = clock;
    }

    /**
     * @throws ProblemException where somebody else entered the removal, or something else has happened to the tire or to its
     *     position since
     */
    @Transactional
    MovementView putBack(long tireId) {
        List<Movement> ledger = tires.ledgerOfTire(tireId);
        int at = ledger.size() > 1 && PUT_AWAY.contains(ledger.get(0).type()) ? 1 : 0;
        if (ledger.size() <= at
                || !ledger.get(at).type().equals("REMOVED")
                || ledger.get(at).personId() != people.me()) {
            throw ProblemException.conflict(WORDS.say("onlyARemovalThatYou"));
        }
        long place = ledger.get(at).fromPlaceId();
        Instant since = ledger.stream()
                .skip(at + 1L)
                .filter(line -> line.toPlaceId() != null && line.toPlaceId() == place)
                .map(Movement::at)
                .findFirst()
                .orElse(ledger.get(at).at());
        tires.putBack(tireId, place, since, Line.of(clock.instant(), people.me(), WORDS.say("removalUndone"), null));
        PlaceName on = vehicles.placeNames(List.of(place)).get(place);
        return new MovementView(tireId, on.unit() + " " + on.code(), List.of());
    }
}
