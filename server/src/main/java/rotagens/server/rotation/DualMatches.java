package rotagens.server.rotation;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Units;
import rotagens.core.vehicle.Position;
import rotagens.server.rotation.RotationViews.FindReplacementRequest;
import rotagens.server.rotation.RotationViews.RotationOptions;

/** Which stock tire pairs best with the one that stays on a dual. */
@Service
public class DualMatches {

    private final ReplacementService replacementService;

    DualMatches(ReplacementService replacementService) {
        this.replacementService = replacementService;
    }

    /** In words; empty where nothing in stock may go there. */
    @Transactional(readOnly = true)
    public Optional<String> best(long vehicleId, Position position) {
        var found = replacementService.of(
                vehicleId,
                new FindReplacementRequest(
                        new RotationOptions(null, List.of(), false, Set.of()), List.of(position.code())),
                Units.US);
        return Optional.ofNullable(found.best())
                .filter(pick -> !pick.order())
                .map(pick -> pick.fits().stream()
                        .map(fit -> fit.tire() + ": " + String.join("; ", fit.matches()))
                        .collect(Collectors.joining(", ")));
    }
}
