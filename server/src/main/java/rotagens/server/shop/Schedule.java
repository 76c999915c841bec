package rotagens.server.shop;

import static rotagens.server.storage.generated.Tables.PLACEMENT;
import static rotagens.server.storage.generated.Tables.YARD;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.InvalidEntry;
import rotagens.core.measure.Units;
import rotagens.core.planning.Supply;
import rotagens.core.shop.Clash;
import rotagens.core.shop.Equipment;
import rotagens.core.shop.Placement;
import rotagens.core.shop.ShopCheck;
import rotagens.core.shop.ShopJob;
import rotagens.core.shop.ShopRules;
import rotagens.core.shop.ShopSetup;
import rotagens.core.shop.Span;
import rotagens.core.shop.WhyThere;
import rotagens.server.changes.Changes;
import rotagens.server.fleet.Fleet.Standing;
import rotagens.server.fleet.KeptFleet;
import rotagens.server.planning.JobViews.Item;
import rotagens.server.planning.JobViews.Job;
import rotagens.server.planning.Jobs;
import rotagens.server.shop.ShopViews.ClashView;
import rotagens.server.shop.ShopViews.DayView;
import rotagens.server.shop.ShopViews.EarlierView;
import rotagens.server.shop.ShopViews.PlaceJob;
import rotagens.server.shop.ShopViews.PlacedJob;
import rotagens.server.shop.ShopViews.ScheduleView;
import rotagens.server.shop.ShopViews.WhyView;
import rotagens.server.shop.ShopViews.YardDays;
import rotagens.server.web.Entries;
import rotagens.server.web.ProblemException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** The shop's calendar: where each open job stands, what is against it there, moving and pinning it. */
@Service
class Schedule {

    /**
     * An open job with what the calendar knows of it.
     *
     * @param alone in its vehicle's own yard
     * @param shop where it is done
     * @param placement empty while it has a day and no hour
     */
    record OpenJob(Job job, ShopJob alone, ShopJob shop, Optional<Placement> placement, boolean pinned) {}

    private record Kept(String yard, int start, int bay, List<String> people, boolean pinned) {}

    private static final TypeReference<List<String>> NAMES = new TypeReference<>() {};
    private static final int MOST_WEEKS = 12;
    private static final int MOST_PEOPLE = 6;

    private final DSLContext db;
    private final Jobs jobs;
    private final KeptFleet fleet;
    private final ShopJobs shopJobs;
    private final ShopSetups setups;
    private final Aways aways;
    private final Changes changes;
    private final JsonMapper json;

    Schedule(
            DSLContext db,
            Jobs jobs,
            KeptFleet fleet,
            ShopJobs shopJobs,
            ShopSetups setups,
            Aways aways,
            Changes changes,
            JsonMapper json) {
        this.db = db;
        this.jobs = jobs;
        this.fleet = fleet;
        this.shopJobs = shopJobs;
        this.setups = setups;
        this.aways = aways;
        this.changes = changes;
        this.json = json;
    }

    /** Every open job, with where it stands. */
    List<OpenJob> all(Supply tires) {
        ShopRules rules = setups.rules();
        Map<Long, Kept> kept = db.select(PLACEMENT.asterisk(), YARD.NAME)
                .from(PLACEMENT)
                .join(YARD)
                .on(YARD.ID.eq(PLACEMENT.YARD_ID))
                .fetchMap(
                        row -> row.get(PLACEMENT.JOB_ID),
                        row -> new Kept(
                                row.get(YARD.NAME),
                                row.get(PLACEMENT.START_MINUTE),
                                row.get(PLACEMENT.BAY),
                                json.readValue(row.get(PLACEMENT.CREW), NAMES),
                                row.get(PLACEMENT.IS_PINNED)));
        Map<Long, Standing> standings = fleet.all().stream()
                .collect(Collectors.toMap(standing -> standing.onFile().id(), Function.identity()));
        List<OpenJob> all = new ArrayList<>();
        for (Job job : jobs.open()) {
            Standing standing = standings.get(job.vehicleId());
            if (standing == null) {
                continue;
            }
            Kept where = kept.get(job.id());
            ShopJob alone = shopJobs.of(job, standing, tires);
            // Where somebody, or a plan, put it; else where it can be done.
            ShopJob shop = where == null ? ShopSetup.somewhere(alone, rules) : ShopSetup.in(alone, where.yard(), rules);
            all.add(new OpenJob(
                    job,
                    alone,
                    shop,
                    Optional.ofNullable(where)
                            .map(one -> new Placement(shop, job.day(), one.start(), one.bay(), one.people())),
                    where != null && where.pinned()));
        }
        return all;
    }

    static List<Placement> placements(List<OpenJob> all) {
        return all.stream().flatMap(one -> one.placement().stream()).toList();
    }

    @Transactional(readOnly = true)
    public ScheduleView view(LocalDate from, int weeks, Units units) {
        if (weeks < 1 || weeks > MOST_WEEKS) {
            throw ProblemException.field("weeks", "1 to " + MOST_WEEKS + " weeks.");
        }
        ShopRules rules = setups.rules();
        LocalDate first = from == null ? rules.today() : from;
        LocalDate to = first.plusWeeks(weeks);
        List<OpenJob> all = all(shopJobs.supply());
        List<Placement> placed = placements(all);
        List<PlacedJob> shown = all.stream()
                .filter(one ->
                        !one.job().day().isBefore(first) && one.job().day().isBefore(to)
                                || one.job().day().isBefore(rules.today()))
                .map(one -> view(one, placed, rules, units))
                .toList();
        return new ScheduleView(
                first,
                to,
                rules.yards().stream()
                        .map(yard -> new YardDays(
                                yard.name(),
                                yard.bays(),
                                rules.workers().stream()
                                        .filter(worker -> worker.yard().equals(yard.name()))
                                        .map(ShopRules.Worker::name)
                                        .toList(),
                                first.datesUntil(to)
                                        .map(day -> new DayView(
                                                day,
                                                rules.closed(yard.name(), day).orElse(null)))
                                        .toList()))
                        .toList(),
                shown,
                (int) shown.stream().filter(one -> !one.clashes().isEmpty()).count(),
                aways.all());
    }

    private static PlacedJob view(OpenJob one, List<Placement> placed, ShopRules rules, Units units) {
        Job job = one.job();
        Optional<Placement> where = one.placement();
        List<Clash> clashes =
                where.map(place -> ShopCheck.against(place, placed, rules)).orElse(List.of());
        return new PlacedJob(
                job.id(),
                job.version(),
                job.vehicleId(),
                job.unit(),
                one.shop().yard(),
                job.day(),
                where.map(place -> Span.clock(place.start())).orElse(null),
                where.map(place -> Span.clock(place.end())).orElse(null),
                where.map(Placement::bay).orElse(null),
                where.map(Placement::people).orElse(List.of()),
                one.pinned(),
                one.shop().minutes(),
                one.shop().people(),
                one.shop().needs().stream().sorted().map(Equipment::words).toList(),
                work(job),
                one.shop().due(),
                job.day().isAfter(one.shop().due()),
                one.shop().waitsFor().map(says -> says.in(units)).orElse(null),
                clashes.stream()
                        .map(clash -> new ClashView(
                                clash.rule(), clash.rule().title(), clash.says().in(units)))
                        .toList());
    }

    static List<String> work(Job job) {
        Map<String, List<String>> byWork = job.items().stream()
                .collect(Collectors.groupingBy(
                        Item::work,
                        java.util.LinkedHashMap::new,
                        Collectors.mapping(
                                item -> item.position() == null ? "" : item.position(), Collectors.toList())));
        return byWork.entrySet().stream()
                .map(entry -> (String.join(" ", entry.getValue()) + " " + entry.getKey()).strip())
                .toList();
    }

    /** Puts a job somewhere, also where rules are against it: the page then says which. */
    @Transactional
    public PlacedJob place(long jobId, int version, PlaceJob wanted, Units units) {
        changes.only();
        Entries wrong = new Entries();
        wrong.unless(wanted.day() != null, "day", "Choose a day.");
        wrong.unless(wanted.bay() != null && wanted.bay() >= 1 && wanted.bay() <= 20, "bay", "Choose a bay.");
        int start = 0;
        try {
            start = Span.parse((wanted.start() == null ? "" : wanted.start()) + "-24:00")
                    .from();
        } catch (InvalidEntry e) {
            wrong.wrong("start", "Enter a time such as 07:30.");
        }
        List<String> people = wanted.people() == null
                ? List.of()
                : wanted.people().stream().distinct().limit(MOST_PEOPLE).toList();
        wrong.refuseIfWrong();
        Job before = jobs.get(jobId);
        Job moved = before.day().equals(wanted.day())
                ? jobs.touch(jobId, version)
                : jobs.move(jobId, version, wanted.day());
        ShopRules rules = setups.rules();
        String yard = wanted.yard() == null ? moved.yard() : wanted.yard();
        if (rules.yard(yard).isEmpty()) {
            throw ProblemException.field("yard", "This yard has no shop. Choose another.");
        }
        keep(jobId, start, wanted.bay(), people, wanted.pinned(), yardOf(yard));
        List<OpenJob> all = all(shopJobs.supply());
        return all.stream()
                .filter(one -> one.job().id() == jobId)
                .findFirst()
                .map(one -> view(one, placements(all), rules, units))
                .orElseThrow();
    }

    long yardOf(String name) {
        return db.select(YARD.ID).from(YARD).where(YARD.NAME.eq(name)).fetchSingle(YARD.ID);
    }

    /** A job without a place keeps its day. */
    void drop(long jobId) {
        db.deleteFrom(PLACEMENT).where(PLACEMENT.JOB_ID.eq(jobId)).execute();
    }

    void keep(long jobId, int start, int bay, List<String> people, boolean pinned, long yard) {
        db.insertInto(PLACEMENT)
                .set(PLACEMENT.JOB_ID, jobId)
                .set(PLACEMENT.START_MINUTE, start)
                .set(PLACEMENT.BAY, bay)
                .set(PLACEMENT.CREW, json.writeValueAsString(people))
                .set(PLACEMENT.IS_PINNED, pinned)
                .set(PLACEMENT.YARD_ID, yard)
                .onConflict(PLACEMENT.JOB_ID)
                .doUpdate()
                .set(PLACEMENT.START_MINUTE, start)
                .set(PLACEMENT.BAY, bay)
                .set(PLACEMENT.CREW, json.writeValueAsString(people))
                .set(PLACEMENT.IS_PINNED, pinned)
                .set(PLACEMENT.YARD_ID, yard)
                .execute();
    }

    /** Why a job stands where it stands, and what stops an earlier day. */
    @Transactional(readOnly = true)
    public WhyView why(long jobId, Units units) {
        ShopRules rules = setups.rules();
        List<OpenJob> all = all(shopJobs.supply());
        Placement placed = all.stream()
                .filter(one -> one.job().id() == jobId)
                .findFirst()
                .flatMap(OpenJob::placement)
                .orElseThrow(() ->
                        ProblemException.conflict("This job has a day and no hour yet. Plan, or put it in a bay."));
        WhyThere.Answer answer = WhyThere.of(placed, placements(all), rules);
        return new WhyView(
                answer.says().in(units),
                answer.earlier().stream()
                        .map(day -> new EarlierView(
                                day.day(),
                                day.rule().map(rule -> rule.title()).orElse(null),
                                day.says().in(units)))
                        .toList());
    }
}
