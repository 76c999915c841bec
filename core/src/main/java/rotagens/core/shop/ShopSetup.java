package rotagens.core.shop;

import static rotagens.core.shop.ShopWords.WORDS;

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
                faults.add(WORDS.message(
                        "keepOfInServiceCannot",
                        "minimum",
                        rule.minimum(),
                        "vehicleClass",
                        rule.vehicleClass(),
                        "fit",
                        fit));
            } else if (rule.minimum() == fit) {
                faults.add(WORDS.message(
                        "keepOfInServiceLeaves",
                        "minimum",
                        rule.minimum(),
                        "vehicleClass",
                        rule.vehicleClass(),
                        "fit",
                        fit));
            }
        }
        List<Closure> closures = rules.closures();
        for (int one = 0; one < closures.size(); one++) {
            for (int other = one + 1; other < closures.size(); other++) {
                if (overlap(closures.get(one), closures.get(other))) {
                    faults.add(WORDS.message(
                            "twoClosuresOverlap",
                            "one",
                            closures.get(one).reason(),
                            "from",
                            closures.get(one).from(),
                            "to",
                            closures.get(one).to(),
                            "other",
                            closures.get(other).reason(),
                            "otherFrom",
                            closures.get(other).from(),
                            "otherTo",
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
            return List.of(WORDS.message("hasNoShopSayWhere", "yard", job.yard(), "job", job.unit()));
        }
        ShopConstraints.Yard yard = rules.yard(job.yard()).orElseThrow();
        if (job.minutes() > yard.longestDay()) {
            faults.add(WORDS.message(
                    "takesAndIsOpen",
                    "job",
                    job.unit(),
                    "hours",
                    hours(job.minutes()),
                    "yard",
                    yard.name(),
                    "open",
                    hours(yard.longestDay())));
        }
        job.requirements().stream()
                .filter(need -> yard.has(need) == 0)
                .sorted()
                .forEach(need -> faults.add(
                        WORDS.message("needsHasNone", "job", job.unit(), "need", need.label(), "yard", yard.name())));
        if (FirstFit.crews(job, rules).isEmpty()) {
            long there = rules.technicians().stream()
                    .filter(technician -> technician.yard().equals(yard.name()))
                    .count();
            faults.add(WORDS.message(
                    "needsATechnicianHas",
                    "job",
                    job.unit(),
                    "techniciansNeeded",
                    job.techniciansNeeded(),
                    "yard",
                    yard.name(),
                    "there",
                    there == 0 ? WORDS.say("none") : String.valueOf(there)));
        }
        if (job.fit()
                && rules.mayBeIn(job.vehicleClass()).filter(most -> most == 0).isPresent()) {
            faults.add(WORDS.message("noMay", "vehicleClass", job.vehicleClass()));
        }
        if (!faults.isEmpty() && !job.fit() && !job.isDrivenStopped()) {
            job.insteadOfDriving()
                    .ifPresent(priced ->
                            faults.add(WORDS.message("mustNotBeDriven", "job", job.unit(), "priced", priced)));
        }
        return faults;
    }

    /** Why a stopped vehicle can’t go to the shop of another yard. */
    static Message mustNotBeDriven(ShopJob job) {
        return WORDS.message(
                "mustNotBeOperatedSo",
                "job",
                job.unit(),
                "yard",
                job.yard(),
                "insteadOfDriving",
                job.insteadOfDriving().orElse(WORDS.message("haveTheWorkDoneWhere")));
    }

    private static String hours(int minutes) {
        return minutes / 60 + " h" + (minutes % 60 == 0 ? "" : " " + minutes % 60 + " min");
    }
}
