package rotagens.server.shop;

import static rotagens.server.shop.ShopWords.WORDS;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.planning.Part;
import rotagens.core.planning.PartLevel;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.fleet.FleetCache;
import rotagens.server.parts.PartStore;
import rotagens.server.parts.PartStore.Level;
import rotagens.server.people.People;
import rotagens.server.planning.JobViews.JobView;
import rotagens.server.planning.Jobs;
import rotagens.server.web.InputValidator;

/** Small parts by yard as a page shows them, with what open jobs will take. */
@Service
class PartPages {

    /**
     * One part at one yard.
     *
     * @param count on the shelf; null where nobody ever counted it
     * @param planned what open jobs will take
     */
    record PartStockRow(
            String yard,
            Part part,
            String label,
            @Nullable Integer count,
            int planned,
            int reorderPoint,
            int orderUpTo,
            int toOrder) {}

    record PartCountRequest(
            @Nullable String yard,
            @Nullable Part part,
            @Nullable Integer count) {}

    record PartLevelRequest(
            @Nullable String yard,
            @Nullable Part part,
            @Nullable Integer reorderPoint,
            @Nullable Integer orderUpTo) {}

    private static final Level NONE = new Level(0, 0);
    private static final int MOST = 10_000;

    private final PartStore store;
    private final Jobs jobs;
    private final FleetCache fleet;
    private final People people;
    private final ChangeTracker changeTracker;

    PartPages(PartStore store, Jobs jobs, FleetCache fleet, People people, ChangeTracker changeTracker) {
        this.store = store;
        this.jobs = jobs;
        this.fleet = fleet;
        this.people = people;
        this.changeTracker = changeTracker;
    }

    @Transactional(readOnly = true)
    List<PartStockRow> all() {
        Map<String, Map<Part, Integer>> counts = store.counts();
        Map<String, Map<Part, Level>> levels = store.levels();
        Map<String, Map<Part, Integer>> planned = planned();
        return store.yards().stream()
                .flatMap(yard -> Arrays.stream(Part.values()).map(part -> {
                    Integer count = counts.getOrDefault(yard, Map.of()).get(part);
                    Level level = levels.getOrDefault(yard, Map.of()).getOrDefault(part, NONE);
                    int taken = planned.getOrDefault(yard, Map.of()).getOrDefault(part, 0);
                    return new PartStockRow(
                            yard,
                            part,
                            part.plural(),
                            count,
                            taken,
                            level.reorderPoint(),
                            level.orderUpTo(),
                            new PartLevel(
                                            Optional.ofNullable(count).orElse(0),
                                            taken,
                                            level.reorderPoint(),
                                            level.orderUpTo())
                                    .toOrder());
                }))
                .toList();
    }

    private Map<String, Map<Part, Integer>> planned() {
        Map<String, Map<Part, Integer>> planned = new HashMap<>();
        for (JobView job : jobs.open()) {
            Map<Part, Integer> here = planned.computeIfAbsent(job.yard(), none -> new EnumMap<>(Part.class));
            ShopJobs.parts(job, fleet.get(job.vehicleId()))
                    .counts()
                    .forEach((part, count) -> here.merge(part, count, Integer::sum));
        }
        return planned;
    }

    @Transactional
    List<PartStockRow> counted(PartCountRequest typed) {
        check(typed, WORDS.say("enterHowManyLieThere"), 0);
        store.counted(typed.yard(), typed.part(), typed.count(), people.me());
        return all();
    }

    @Transactional
    List<PartStockRow> delivered(PartCountRequest typed) {
        check(typed, WORDS.say("enterHowManyCame1"), 1);
        store.delivered(typed.yard(), typed.part(), typed.count(), people.me());
        return all();
    }

    private void check(PartCountRequest typed, String wanted, int least) {
        changeTracker.only();
        InputValidator wrong = new InputValidator();
        checkPlace(typed.yard(), typed.part(), wrong);
        wrong.unless(typed.count() != null && typed.count() >= least && typed.count() <= MOST, "count", wanted);
        wrong.refuseIfWrong();
    }

    private void checkPlace(@Nullable String yard, @Nullable Part part, InputValidator wrong) {
        wrong.unless(yard != null && store.yards().contains(yard), "yard", WORDS.say("chooseAYard"));
        wrong.unless(part != null, "part", WORDS.say("chooseAPart"));
    }

    @Transactional
    List<PartStockRow> level(PartLevelRequest typed) {
        changeTracker.only();
        InputValidator wrong = new InputValidator();
        checkPlace(typed.yard(), typed.part(), wrong);
        wrong.unless(typed.reorderPoint() != null, "reorderPoint", WORDS.say("enterHowManyAreLeft"));
        wrong.unless(typed.orderUpTo() != null, "orderUpTo", WORDS.say("enterUpToHowMany"));
        wrong.refuseIfWrong();
        try {
            new PartLevel(0, 0, typed.reorderPoint(), typed.orderUpTo());
        } catch (InvalidInputException e) {
            wrong.wrong("orderUpTo", e.getMessage());
        }
        wrong.refuseIfWrong();
        store.level(typed.yard(), typed.part(), new Level(typed.reorderPoint(), typed.orderUpTo()));
        return all();
    }
}
