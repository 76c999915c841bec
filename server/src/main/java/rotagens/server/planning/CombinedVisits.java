package rotagens.server.planning;

import static rotagens.server.planning.PlanningWords.WORDS;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Units;
import rotagens.core.planning.Bundles;
import rotagens.core.planning.DueItem;
import rotagens.core.vehicle.Position;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.planning.JobViews.BundleView;

/** Visits proposed for due work of one vehicle that shares wheels or days. */
@Service
class CombinedVisits {

    private final Jobs jobs;

    CombinedVisits(Jobs jobs) {
        this.jobs = jobs;
    }

    /** Visits worth proposing, the most minutes saved first. */
    @Transactional(readOnly = true)
    public List<BundleView> of(List<VehicleAssessment> vehicleAssessments, Units units) {
        Map<Long, List<DueItem>> open = jobs.open(vehicleAssessments);
        return vehicleAssessments.stream()
                .flatMap(vehicleAssessment -> Bundles.of(
                        vehicleAssessment.vehicle(),
                        open.get(vehicleAssessment.id()),
                        vehicleAssessment.policy(),
                        vehicleAssessment.today())
                        .map(bundle -> bundle(vehicleAssessment, bundle, units))
                        .stream())
                .sorted(java.util.Comparator.comparing(BundleView::saved).reversed())
                .toList();
    }

    private static BundleView bundle(VehicleAssessment vehicleAssessment, Bundles.Bundle bundle, Units units) {
        return new BundleView(
                vehicleAssessment.id(),
                vehicleAssessment.unit(),
                bundle.day(),
                bundle.items().stream().map(DueItem::key).toList(),
                bundle.items().stream()
                        .map(item ->
                                words(item) + ": " + item.reason().statement().in(units))
                        .toList(),
                bundle.forward().stream()
                        .map(item -> WORDS.say(
                                "due",
                                "item",
                                words(item),
                                "due",
                                rotagens.core.measure.Message.of("{}", item.due())
                                        .in(units)))
                        .toList(),
                bundle.lifted(),
                bundle.minutes(),
                bundle.saved());
    }

    private static String words(DueItem item) {
        return (item.positions().stream().map(Position::code).collect(Collectors.joining(" ")) + " "
                        + item.workType().label())
                .strip();
    }
}
