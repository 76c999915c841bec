package rotagens.server.shop;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import rotagens.core.measure.Message;
import rotagens.core.planning.DueItem;
import rotagens.core.shop.JobSlot;
import rotagens.core.shop.ShopConstraints;
import rotagens.core.shop.ShopJob;
import rotagens.core.vehicle.Position;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.shop.Schedule.OpenJob;

/**
 * What one proposal is made from, as it was when it was begun.
 *
 * @param last the last day planned
 * @param open jobs there already, by their id in the plan
 * @param due due work that becomes a job when the proposal is accepted, by its id in the plan
 * @param kept placements that stay where they are: pinned, later than the weeks planned, or put there against a rule
 * @param jobs what has to be placed
 * @param never what no day can take, with the reason
 */
record ScheduleProblem(
        ShopConstraints rules,
        LocalDate last,
        long seed,
        Map<String, OpenJob> open,
        Map<String, DueVisit> due,
        List<JobSlot> kept,
        List<ShopJob> jobs,
        List<Impossible> never) {

    /** Due work of one vehicle, done in one visit. */
    record DueVisit(VehicleAssessment assessment, List<DueItem> items) {}

    /** A job that fits no day of this shop, with the first reason. */
    record Impossible(ShopJob job, Message reason) {}

    /** The work of a job or a visit, each with its positions. */
    List<String> work(String id) {
        if (open.containsKey(id)) {
            return Schedule.work(open.get(id).job());
        }
        return due.get(id).items().stream()
                .map(item -> (item.positions().stream().map(Position::code).collect(Collectors.joining(" ")) + " "
                                + item.workType().label())
                        .strip())
                .toList();
    }
}
