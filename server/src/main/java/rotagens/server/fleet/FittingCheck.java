package rotagens.server.fleet;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.alert.TireAlerts;
import rotagens.core.inspection.InstallCheck;
import rotagens.core.inspection.TireState;
import rotagens.core.tire.DotCode;
import rotagens.core.tire.DotWeek;
import rotagens.core.tire.Tire;
import rotagens.core.vehicle.Position;
import rotagens.server.inspection.Readings;
import rotagens.server.tire.TireCatalog;

/** What a tire would bring at a position, with all that is on record of it, before anybody lifts it. */
@Component
public class FittingCheck {

    /**
     * A tire that may go there.
     *
     * @param id empty for one that is still to be bought
     * @param dot the code last read; empty where none was
     */
    public record Candidate(Optional<Long> id, long modelId, Optional<String> dot, boolean retread) {}

    private final TireCatalog tireCatalog;
    private final Readings readings;

    FittingCheck(TireCatalog tireCatalog, Readings readings) {
        this.tireCatalog = tireCatalog;
        this.readings = readings;
    }

    /** The same for a tire that goes on today. */
    @Transactional(readOnly = true)
    public InstallCheck of(Candidate one, VehicleAssessment vehicle, Position position) {
        return of(one, vehicle, position, vehicle.today());
    }

    /** Judges the vehicle with it there from a day on; whatever was found on it anywhere comes along. */
    @Transactional(readOnly = true)
    public InstallCheck of(Candidate one, VehicleAssessment vehicle, Position position, LocalDate goesOn) {
        LocalDate today = vehicle.today();
        Tire tire = new Tire(
                one.id().orElse(0L),
                tireCatalog.get(one.modelId()).model(),
                one.id().isEmpty()
                        ? Optional.of(DotWeek.parse(DotWeek.stampFor(today), today))
                        : one.dot().map(code -> DotCode.parse(code, today).date()),
                one.retread(),
                Optional.of(today));
        List<TireState> others = vehicle.fitted().keySet().stream()
                .filter(other -> one.id()
                        .filter(id -> vehicle.fitted().get(other).tire().id() == id)
                        .isEmpty())
                .map(vehicle.state()::at)
                .toList();
        TireState there = new TireState(
                position,
                Optional.of(tire),
                one.id().flatMap(readings::lastReading).stream().toList(),
                one.id()
                        .map(id -> readings.alerts(List.of(id)).getOrDefault(id, TireAlerts.NONE))
                        .orElse(TireAlerts.NONE),
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
        return InstallCheck.of(vehicle.state(), others, there, vehicle.policy(), today, goesOn);
    }
}
