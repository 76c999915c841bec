package rotagens.server.shop;

import static rotagens.server.storage.generated.Tables.SHOP_SETUP;
import static rotagens.server.storage.generated.Tables.YARD;

import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.fact.Verdict;
import rotagens.core.measure.InvalidEntry;
import rotagens.core.measure.Units;
import rotagens.core.shop.Equipment;
import rotagens.core.shop.ShopRules;
import rotagens.core.shop.ShopSetup;
import rotagens.core.shop.Span;
import rotagens.server.changes.Changes;
import rotagens.server.fleet.Fleet.Standing;
import rotagens.server.fleet.KeptFleet;
import rotagens.server.people.People;
import rotagens.server.people.People.Person;
import rotagens.server.people.Role;
import rotagens.server.shop.ShopViews.ClosureSetup;
import rotagens.server.shop.ShopViews.EquipmentView;
import rotagens.server.shop.ShopViews.ReadinessSetup;
import rotagens.server.shop.ShopViews.RoadSetup;
import rotagens.server.shop.ShopViews.ShopSetupForm;
import rotagens.server.shop.ShopViews.ShopSetupView;
import rotagens.server.shop.ShopViews.WorkerSetup;
import rotagens.server.shop.ShopViews.YardSetup;
import rotagens.server.web.Entries;
import rotagens.server.web.ProblemException;
import tools.jackson.databind.json.JsonMapper;

/** What the shops can do: yards, hours, bays, equipment, people, holidays, and how many of a class stay in service. */
@Service
public class ShopSetups {

    private static final int MOST_BAYS = 20;
    private static final int MOST_LINES = 200;
    private static final int LONGEST = 80;
    private static final int LONGEST_ROAD = 600;
    private static final String WEEKDAY = "07:00–16:30";

    private final DSLContext db;
    private final KeptFleet fleet;
    private final People people;
    private final Aways aways;
    private final Changes changes;
    private final Clock clock;
    private final JsonMapper json;

    ShopSetups(
            DSLContext db, KeptFleet fleet, People people, Aways aways, Changes changes, Clock clock, JsonMapper json) {
        this.db = db;
        this.fleet = fleet;
        this.people = people;
        this.aways = aways;
        this.changes = changes;
        this.clock = clock;
        this.json = json;
    }

    private record Stored(long version, ShopSetupForm form) {}

    private Stored stored() {
        return db.selectFrom(SHOP_SETUP)
                .orderBy(SHOP_SETUP.ID.desc())
                .limit(1)
                .fetchOptional()
                .map(row -> new Stored(row.getId(), json.readValue(row.getDocument(), ShopSetupForm.class)))
                .orElseGet(() -> new Stored(0, usual()));
    }

    /** Where nobody has entered anything: every yard on weekdays, two bays, everybody who turns wrenches. */
    private ShopSetupForm usual() {
        Map<DayOfWeek, String> week = new EnumMap<>(DayOfWeek.class);
        EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY).forEach(day -> week.put(day, WEEKDAY));
        List<String> yards = db.select(YARD.NAME).from(YARD).orderBy(YARD.NAME).fetch(YARD.NAME);
        Map<Equipment, Integer> equipment = new EnumMap<>(Equipment.class);
        for (Equipment one : Equipment.values()) {
            equipment.put(one, 1);
        }
        List<String> hands = people.all().stream()
                .filter(person -> person.active() && person.role() == Role.TECHNICIAN)
                .map(Person::name)
                .toList();
        List<WorkerSetup> workers = new ArrayList<>();
        // Two pairs of hands are worth more in one place than one each in two.
        hands.stream()
                .filter(name -> !yards.isEmpty())
                .forEach(name -> workers.add(new WorkerSetup(name, yards.get(0), List.copyOf(week.keySet()), WEEKDAY)));
        return new ShopSetupForm(
                yards.stream()
                        .map(name -> new YardSetup(name, week, 2, equipment))
                        .toList(),
                workers,
                List.of(),
                List.of(),
                List.of());
    }

    /** Keeps the usual setup with so many of some classes in service, as a beginning. */
    @Transactional
    public void begin(Map<String, Integer> keep, long by) {
        ShopSetupForm usual = usual();
        ShopSetupForm form = new ShopSetupForm(
                usual.yards(),
                usual.workers(),
                usual.closures(),
                keep.entrySet().stream()
                        .map(one -> new ReadinessSetup(one.getKey(), one.getValue()))
                        .toList(),
                usual.roads());
        db.insertInto(SHOP_SETUP)
                .set(SHOP_SETUP.DOCUMENT, json.writeValueAsString(form))
                .set(SHOP_SETUP.AT, clock.instant())
                .set(SHOP_SETUP.PERSON_ID, by)
                .execute();
    }

    /** As core asks it. */
    @Transactional(readOnly = true)
    public ShopRules rules() {
        return rules(stored().form());
    }

    private ShopRules rules(ShopSetupForm form) {
        LocalDate today = LocalDate.now(clock);
        List<Standing> standings = fleet.all();
        Map<String, Integer> fit = standings.stream()
                .filter(standing -> standing.verdict() != Verdict.DO_NOT_OPERATE)
                .collect(Collectors.groupingBy(
                        standing -> standing.onFile().facts().vehicleClass(), Collectors.summingInt(one -> 1)));
        return new ShopRules(
                today,
                form.yards().stream()
                        .map(yard -> new ShopRules.Yard(
                                yard.name(),
                                yard.open().entrySet().stream()
                                        .filter(day -> !day.getValue().isBlank())
                                        .collect(
                                                Collectors.toMap(Map.Entry::getKey, day -> Span.parse(day.getValue()))),
                                yard.bays(),
                                yard.equipment()))
                        .toList(),
                form.workers().stream()
                        .map(worker -> new ShopRules.Worker(
                                worker.name(),
                                worker.yard(),
                                worker.days().isEmpty() ? java.util.Set.of() : EnumSet.copyOf(worker.days()),
                                Span.parse(worker.hours())))
                        .toList(),
                form.closures().stream()
                        .map(closure -> new ShopRules.Closure(
                                Optional.ofNullable(closure.yard()).filter(yard -> !yard.isBlank()),
                                closure.from(),
                                closure.to(),
                                closure.why()))
                        .toList(),
                aways.all().stream()
                        .map(away -> new ShopRules.Away(
                                away.unit(),
                                LocalDateTime.parse(away.from()),
                                LocalDateTime.parse(away.to()),
                                away.why()))
                        .toList(),
                form.readiness().stream()
                        .map(rule -> new ShopRules.Readiness(rule.vehicleClass(), rule.keep()))
                        .toList(),
                fit,
                form.roads().stream()
                        .map(road -> new ShopRules.Road(road.one(), road.other(), road.minutes()))
                        .toList());
    }

    @Transactional(readOnly = true)
    public ShopSetupView view(Units units) {
        Stored stored = stored();
        return new ShopSetupView(
                stored.version(),
                stored.form(),
                ShopRules.USUAL_TRAVEL_MINUTES,
                ShopSetup.faults(rules(stored.form())).stream()
                        .map(fault -> fault.in(units))
                        .toList(),
                java.util.Arrays.stream(Equipment.values())
                        .map(one -> new EquipmentView(one, one.words()))
                        .toList(),
                people.all().stream().filter(Person::active).map(Person::name).toList(),
                fleet.all().stream()
                        .map(standing -> standing.onFile().facts().vehicleClass())
                        .distinct()
                        .sorted()
                        .toList());
    }

    /** Keeps another setup; what can't be met is refused with its smallest cause. */
    @Transactional
    public ShopSetupView save(long seen, ShopSetupForm form, Units units) {
        changes.only();
        Stored before = stored();
        if (before.version() != seen) {
            throw ProblemException.changedMeanwhile(
                    "Somebody changed the shop’s setup since you opened it. Both are shown; nothing was replaced.",
                    view(units));
        }
        check(form);
        Entries wrong = new Entries();
        ShopSetup.faults(rules(form)).forEach(fault -> wrong.wrong("setup", fault.in(units)));
        wrong.refuseIfWrong();
        db.insertInto(SHOP_SETUP)
                .set(SHOP_SETUP.DOCUMENT, json.writeValueAsString(form))
                .set(SHOP_SETUP.AT, clock.instant())
                .set(SHOP_SETUP.PERSON_ID, people.me())
                .execute();
        return view(units);
    }

    private static void check(ShopSetupForm form) {
        Entries wrong = new Entries();
        if (form.yards() == null
                || form.workers() == null
                || form.closures() == null
                || form.readiness() == null
                || form.yards().size()
                                + form.workers().size()
                                + form.closures().size()
                                + form.roads().size()
                        > MOST_LINES) {
            throw ProblemException.field("setup", "A part of the setup is missing, or it is far too long.");
        }
        List<String> yards = form.yards().stream().map(YardSetup::name).toList();
        for (int at = 0; at < form.yards().size(); at++) {
            YardSetup yard = form.yards().get(at);
            String field = "yards[" + at + "].";
            wrong.unless(yard.bays() >= 0 && yard.bays() <= MOST_BAYS, field + "bays", "0 to " + MOST_BAYS + " bays.");
            yard.open().forEach((day, hours) -> {
                if (!hours.isBlank()) {
                    span(wrong, field + "open." + day, hours);
                }
            });
            wrong.unless(
                    yard.equipment().values().stream().allMatch(count -> count >= 0 && count <= MOST_BAYS),
                    field + "equipment",
                    "0 to " + MOST_BAYS + " of each.");
        }
        for (int at = 0; at < form.workers().size(); at++) {
            WorkerSetup worker = form.workers().get(at);
            String field = "workers[" + at + "].";
            wrong.unless(worker.name() != null && !worker.name().isBlank(), field + "name", "Choose who.");
            wrong.unless(yards.contains(worker.yard()), field + "yard", "Choose the yard.");
            span(wrong, field + "hours", worker.hours());
        }
        for (int at = 0; at < form.closures().size(); at++) {
            ClosureSetup closure = form.closures().get(at);
            String field = "closures[" + at + "].";
            wrong.text(field + "why", closure.why(), LONGEST);
            wrong.unless(closure.from() != null, field + "from", "Enter the first day.");
            wrong.unless(
                    closure.from() == null
                            || closure.to() != null && !closure.to().isBefore(closure.from()),
                    field + "to",
                    "The last day isn’t before the first.");
        }
        for (int at = 0; at < form.readiness().size(); at++) {
            ReadinessSetup rule = form.readiness().get(at);
            wrong.unless(
                    rule.keep() >= 0 && rule.keep() <= 10_000,
                    "readiness[" + at + "].keep",
                    "Enter how many stay in service.");
        }
        for (int at = 0; at < form.roads().size(); at++) {
            RoadSetup road = form.roads().get(at);
            wrong.unless(
                    yards.contains(road.one()) && yards.contains(road.other()),
                    "roads[" + at + "].minutes",
                    "One of the two yards isn’t there.");
            wrong.unless(
                    road.minutes() >= 1 && road.minutes() <= LONGEST_ROAD,
                    "roads[" + at + "].minutes",
                    "1 to " + LONGEST_ROAD + " minutes.");
        }
        wrong.refuseIfWrong();
    }

    private static void span(Entries wrong, String field, String text) {
        try {
            Span.parse(text == null ? "" : text);
        } catch (InvalidEntry e) {
            wrong.wrong(field, e.getMessage());
        }
    }
}
