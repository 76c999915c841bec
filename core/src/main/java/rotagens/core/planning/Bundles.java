package rotagens.core.planning;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rotagens.core.policy.Policy;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.rotation.LaborCosts;
import rotagens.core.vehicle.Vehicle;

/** Work on one vehicle that is better done in one visit. */
public final class Bundles {

    /**
     * One visit for several pieces of due work.
     *
     * @param items in the order they fall due
     * @param forward of these, what falls due later than the first and is brought forward
     * @param day the visit is due by: the earliest of its work
     * @param minutes in the bay, together
     * @param saved minutes against a visit for each
     * @param lifted wheels that come off once instead of several times
     */
    public record Bundle(
            List<DueItem> items, List<DueItem> forward, LocalDate day, int minutes, int saved, List<String> lifted) {}

    private Bundles() {}

    /**
     * The visit worth proposing for what is due on a vehicle: the work that falls due within the policy's days of the first piece
     * that needs the bay, and everything that lifts a wheel that comes off anyway. Empty where there is nothing to share.
     *
     * @param vehicle whose layout tells the wheels
     * @param due what is neither on a day nor left until later
     * @param policy the days that are bundled, and minutes by wheel
     * @param today the day it is asked
     * @return the work of the visit, with the minutes it saves
     */
    public static Optional<Bundle> of(Vehicle vehicle, List<DueItem> due, Policy policy, LocalDate today) {
        LaborCosts laborCosts = LaborCosts.on(vehicle, policy);
        int days = policy.of(vehicle.vehicleClass()).days(PolicyNumber.BUNDLE_DAYS);
        List<DueItem> fits = due.stream()
                .filter(item -> item.workType().canBeScheduled())
                .sorted(java.util.Comparator.comparing(item -> day(item, today)))
                .toList();
        Optional<DueItem> first = fits.stream()
                .filter(item -> !time(item, vehicle).lifted().isEmpty())
                .findFirst();
        if (first.isEmpty()) {
            return Optional.empty();
        }
        LocalDate anchor = day(first.get(), today);
        LaborEstimate lifting = time(first.get(), vehicle);
        List<DueItem> items = new ArrayList<>();
        for (DueItem item : fits) {
            LaborEstimate here = time(item, vehicle);
            boolean soon = !day(item, today).isAfter(anchor.plusDays(days));
            // A wheel that is off anyway is worth more than the days: twice as far ahead.
            boolean sharesWheel = lifting.shares(here) && !day(item, today).isAfter(anchor.plusDays(2L * days));
            if (soon || sharesWheel) {
                items.add(item);
                lifting = lifting.with(here);
            }
        }
        if (items.size() < 2) {
            return Optional.empty();
        }
        List<LaborEstimate> times =
                items.stream().map(item -> time(item, vehicle)).toList();
        int together = LaborEstimate.together(times).minutes(laborCosts);
        int apart = times.stream().mapToInt(time -> time.minutes(laborCosts)).sum();
        LocalDate day = items.stream()
                .map(item -> day(item, today))
                .min(LocalDate::compareTo)
                .orElseThrow();
        return Optional.of(new Bundle(
                List.copyOf(items),
                items.stream().filter(item -> item.due().isAfter(day)).toList(),
                day,
                together,
                apart - together,
                lifting.lifted().stream().map(position -> position.code()).toList()));
    }

    private static LocalDate day(DueItem item, LocalDate today) {
        return item.due().isBefore(today) ? today : item.due();
    }

    private static LaborEstimate time(DueItem item, Vehicle vehicle) {
        return LaborEstimate.of(item.workType(), item.positions(), vehicle);
    }
}
