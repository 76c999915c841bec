package rotagens.server.walkaround;

import java.util.Optional;
import org.springframework.stereotype.Service;

/** Tells other pages which walk-around is under way. */
@Service
public class OpenWalkArounds {

    private final WalkAroundStore store;

    OpenWalkArounds(WalkAroundStore store) {
        this.store = store;
    }

    /** The open walk-around of a vehicle. */
    public Optional<Long> openOn(long vehicleId) {
        return store.openOn(vehicleId).map(WalkAroundStore.OpenWalkAround::id);
    }
}
