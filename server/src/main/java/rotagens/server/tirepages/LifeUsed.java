package rotagens.server.tirepages;

import java.time.LocalDate;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.springframework.stereotype.Component;
import rotagens.core.inspection.LimitDates;
import rotagens.core.inspection.TreadLimits;
import rotagens.core.measure.TreadDepth;
import rotagens.core.policy.Policy;
import rotagens.core.tire.DotWeek;
import rotagens.core.tire.TireModel;
import rotagens.core.tire.TireUsage;
import rotagens.core.vehicle.Position;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.fleet.VehiclePositions;
import rotagens.server.tire.TireRegisterStore.TireOnFile;
import rotagens.server.vehicle.VehicleStore.PlaceName;

/** How much of a tire's life is used, by tread and by age, under the limits of where it stands. */
@Component
class LifeUsed {

    private final FleetCache fleet;

    LifeUsed(FleetCache fleet) {
        this.fleet = fleet;
    }

    /** The share of its usable tread that is worn; the pull point is that of its position, where it has one. */
    String shareByTread(
            TireOnFile one, Map<Long, PlaceName> places, TireModel model, Optional<TreadDepth> depth, boolean gone) {
        if (depth.isEmpty() || model.originalDepth().isEmpty()) {
            return null;
        }
        TreadDepth pull = gone
                ? TireUsage.END_WITHOUT_PLACE
                : place(one, places)
                        .map(found -> TreadLimits.at(found.assessment().vehicle(), found.position(), found.policy())
                                .pull())
                        .orElse(TireUsage.END_WITHOUT_PLACE);
        return percent(TireUsage.treadUsed(model.originalDepth().get(), depth.get(), pull));
    }

    /** The share of its age limit, where it stands, that a tire has lived; null where either isn't known. */
    String shareByAge(TireOnFile one, Map<Long, PlaceName> places, Optional<DotWeek> made, LocalDate today) {
        return place(one, places)
                .flatMap(found -> made.map(date -> percent(OptionalDouble.of(100
                        * date.ageYears(today)
                        / LimitDates.ageLimitYears(found.assessment().vehicle(), found.position(), found.policy())))))
                .orElse(null);
    }

    private record Found(VehicleAssessment assessment, Position position) {
        Policy.ClassPolicy policy() {
            return assessment.policyAt(position);
        }
    }

    private Optional<Found> place(TireOnFile one, Map<Long, PlaceName> places) {
        return one.placeId().map(places::get).map(name -> {
            VehicleAssessment vehicleAssessment = fleet.get(name.vehicleId());
            return new Found(vehicleAssessment, VehiclePositions.of(vehicleAssessment, name.code()));
        });
    }

    private static String percent(OptionalDouble share) {
        return share.isPresent() ? Math.round(share.getAsDouble()) + "%" : null;
    }
}
