package rotagens.server.rotation;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.Position;
import rotagens.server.rotation.RotationViews.Asked;
import rotagens.server.rotation.RotationViews.Retire;

/** Which stock tire pairs best with the one that stays on a dual. */
@Service
public class DualPartners {

    private final Replacements replacements;

    DualPartners(Replacements replacements) {
        this.replacements = replacements;
    }

    /** In words; empty where nothing in stock may go there. */
    @Transactional(readOnly = true)
    public Optional<String> best(long vehicleId, Position position) {
        var found = replacements.of(
                vehicleId, new Retire(new Asked(null, List.of(), false, Set.of()), List.of(position.code())), Units.US);
        return Optional.ofNullable(found.best())
                .filter(pick -> !pick.order())
                .map(pick -> pick.fits().stream()
                        .map(fit -> fit.tire() + ": " + String.join("; ", fit.matches()))
                        .collect(Collectors.joining(", ")));
    }
}
