package rotagens.server.walkround;

import java.util.Optional;
import org.springframework.stereotype.Service;

/** Tells other pages which walk-round is under way. */
@Service
public class OpenWalkRounds {

    private final WalkRoundStore store;

    OpenWalkRounds(WalkRoundStore store) {
        this.store = store;
    }

    /** The open walk-round of a vehicle. */
    public Optional<Long> openOn(long vehicleId) {
        return store.openOn(vehicleId).map(WalkRoundStore.Walk::id);
    }
}
