package rotagens.core.shop;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import rotagens.core.measure.Message;
import rotagens.core.shop.ShopConstraints.Closure;
import rotagens.core.shop.ShopConstraints.MinimumInService;

/** Rules of a shop that can't be met, each with its smallest cause. */
public final class ShopSetup {

    private ShopSetup() {}

    /**
     * What is wrong with the rules themselves.
     *
     * @param rules of the shops
     * @return a sentence for each; empty where nothing is
     */
    public static List<Message> faults(ShopConstraints rules) {
        List<Message> faults = new ArrayList<>();
        for (MinimumInService rule : rules.minimums()) {
            int fit = rules.inService().getOrDefault(rule.vehicleClass(), 0);
            if (rule.minimum() > fit) {
                faults.add(Message.of(
                        "“Keep {} of {} in service” cannot be met: only {} able to operate today, whatever is scheduled.",
                        rule.minimum(),
                        rule.vehicleClass(),
                        fit == 1 ? "one is" : fit + " are"));
            } else if (rule.minimum() == fit) {
                faults.add(Message.of(
                        "“Keep {} of {} in service” leaves none for the shop: {} able to operate. Lower the minimum by one, or work after hours.",
                        rule.minimum(),
                        rule.vehicleClass(),
                        fit));
            }
        }
        List<Closure> closures = rules.closures();
        for (int one = 0; one < closures.size(); one++) {
            for (int other = one + 1; other < closures.size(); other++) {
                if (overlap(closures.get(one), closures.get(other))) {
                    faults.add(Message.of(
                            "Two closures overlap: {} ({} to {}) and {} ({} to {}). Both count; take one off if it is a mistake.",
                            closures.get(one).reason(),
                            closures.get(one).from(),
                            closures.get(one).to(),
                            closures.get(other).reason(),
                            closures.get(other).from(),
                            closures.get(other).to()));
                }
            }
        }
        return faults;
    }

    private static boolean overlap(Closure one, Closure other) {
        boolean sameYard =
                one.yard().isEmpty() || other.yard().isEmpty() || one.yard().equals(other.yard());
        return sameYard && !one.from().isAfter(other.to()) && !other.from().isAfter(one.to());
    }

    /**
     * A job in the shop of a yard, with the travel there where it isn't the vehicle's own.
     *
     * @param job what is done
     * @param yard the shop’s yard
     * @param rules of the shops
     * @return the job as it is done there
     */
    public static ShopJob in(ShopJob job, String yard, ShopConstraints rules) {
        return yard.equals(job.yard()) ? job : job.at(yard, rules.travel(job.yard(), yard));
    }

    /**
     * Where a job is done: in its vehicle's own yard where that can, else in the nearest other yard that can, with the travel
     * it takes. A vehicle that must not be operated is never sent to another yard: somebody comes to it, or it is towed. What can
     * be done nowhere stays at home, where {@link #never} says why.
     *
     * @param job what is done
     * @param rules of the shops
     * @return the job as it is done where it can be
     */
    public static ShopJob somewhere(ShopJob job, ShopConstraints rules) {
        if (never(job, rules).isEmpty()) {
            return job;
        }
        return rules.yards().stream()
                .map(yard -> in(job, yard.name(), rules))
                .filter(other -> never(other, rules).isEmpty())
                .min(Comparator.comparingInt(ShopJob::travel))
                .orElse(job);
    }

    /**
     * Why a job can never stand anywhere; empty where it could.
     *
     * @param job what is done, and where
     * @param rules of the shops
     * @return a sentence for each reason
     */
    public static List<Message> never(ShopJob job, ShopConstraints rules) {
        List<Message> faults = new ArrayList<>();
        if (job.isDrivenStopped()) {
            faults.add(mustNotBeDriven(job));
        }
        if (rules.yard(job.yard()).isEmpty()) {
            return List.of(Message.of("{} has no shop. Say where {} is worked on.", job.yard(), job.unit()));
        }
        ShopConstraints.Yard yard = rules.yard(job.yard()).orElseThrow();
        if (job.minutes() > yard.longestDay()) {
            faults.add(Message.of(
                    "{} takes {} and {} is open {} at most: split it into two jobs.",
                    job.unit(),
                    hours(job.minutes()),
                    yard.name(),
                    hours(yard.longestDay())));
        }
        job.requirements().stream()
                .filter(need -> yard.has(need) == 0)
                .sorted()
                .forEach(need ->
                        faults.add(Message.of("{} needs: {}; {} has none.", job.unit(), need.label(), yard.name())));
        if (FirstFit.crews(job, rules).isEmpty()) {
            long there = rules.technicians().stream()
                    .filter(technician -> technician.yard().equals(yard.name()))
                    .count();
            faults.add(Message.of(
                    "{} needs {}; {} has {}.",
                    job.unit(),
                    job.techniciansNeeded() == 1 ? "a technician" : job.techniciansNeeded() + " technicians",
                    yard.name(),
                    there == 0 ? "none" : String.valueOf(there)));
        }
        if (job.fit()
                && rules.mayBeIn(job.vehicleClass()).filter(most -> most == 0).isPresent()) {
            faults.add(Message.of(
                    "No {} may be in the shop: as many have to stay in service as are able to operate.",
                    job.vehicleClass()));
        }
        if (!faults.isEmpty() && !job.fit() && !job.isDrivenStopped()) {
            job.insteadOfDriving()
                    .ifPresent(priced ->
                            faults.add(Message.of("{} must not be driven to another yard: {}.", job.unit(), priced)));
        }
        return faults;
    }

    /** Why a stopped vehicle can’t go to the shop of another yard. */
    static Message mustNotBeDriven(ShopJob job) {
        return Message.of(
                "{} must not be operated, so it can’t be driven to {}: {}.",
                job.unit(),
                job.yard(),
                job.insteadOfDriving().orElse(Message.of("have the work done where it stands, or have it towed")));
    }

    private static String hours(int minutes) {
        return minutes / 60 + " h" + (minutes % 60 == 0 ? "" : " " + minutes % 60 + " min");
    }
}
