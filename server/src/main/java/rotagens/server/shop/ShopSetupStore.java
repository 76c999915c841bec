package rotagens.server.shop;

import static rotagens.server.shop.ShopWords.WORDS;
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
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Units;
import rotagens.core.shop.Equipment;
import rotagens.core.shop.ShopConstraints;
import rotagens.core.shop.ShopSetup;
import rotagens.core.shop.TimeRange;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.people.People;
import rotagens.server.people.People.Person;
import rotagens.server.people.Role;
import rotagens.server.shop.ShopViews.ClosureSetup;
import rotagens.server.shop.ShopViews.EquipmentView;
import rotagens.server.shop.ShopViews.MinimumInServiceSetup;
import rotagens.server.shop.ShopViews.ShopSetupRequest;
import rotagens.server.shop.ShopViews.ShopSetupView;
import rotagens.server.shop.ShopViews.TechnicianSetup;
import rotagens.server.shop.ShopViews.TravelTimeSetup;
import rotagens.server.shop.ShopViews.YardSetup;
import rotagens.server.web.InputValidator;
import rotagens.server.web.ProblemException;
import tools.jackson.databind.json.JsonMapper;

/** What the shops can do: yards, hours, bays, equipment, people, holidays, and how many of a class stay in service. */
@Service
public class ShopSetupStore {

    private static final int MOST_BAYS = 20;
    private static final int MOST_LINES = 200;
    private static final int LONGEST = 80;
    private static final int LONGEST_ROAD = 600;
    private static final String WEEKDAY = "07:00–16:30";

    private final DSLContext db;
    private final FleetCache fleet;
    private final People people;
    private final VehicleBookings vehicleBookings;
    private final ChangeTracker changeTracker;
    private final Clock clock;
    private final JsonMapper json;

    ShopSetupStore(
            DSLContext db,
            FleetCache fleet,
            People people,
            VehicleBookings vehicleBookings,
            ChangeTracker changeTracker,
            Clock clock,
            JsonMapper json) {
        this.db = db;
        this.fleet = fleet;
        this.people = people;
        this.vehicleBookings = vehicleBookings;
        this.changeTracker = changeTracker;
        this.clock = clock;
        this.json = json;
    }

    private record Stored(long version, ShopSetupRequest form) {}

    private Stored stored() {
        return db.selectFrom(SHOP_SETUP)
                .orderBy(SHOP_SETUP.ID.desc())
                .limit(1)
                .fetchOptional()
                .map(row -> new Stored(row.getId(), json.readValue(row.getDocument(), ShopSetupRequest.class)))
                .orElseGet(() -> new Stored(0, usual()));
    }

    /** Where nobody has entered anything: every yard on weekdays, two bays, everybody who turns wrenches. */
    private ShopSetupRequest usual() {
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
        List<TechnicianSetup> workers = new ArrayList<>();
        // Two pairs of hands are worth more in one place than one each in two.
        hands.stream()
                .filter(name -> !yards.isEmpty())
                .forEach(name ->
                        workers.add(new TechnicianSetup(name, yards.get(0), List.copyOf(week.keySet()), WEEKDAY)));
        return new ShopSetupRequest(
                yards.stream()
                        .map(name -> new YardSetup(name, week, 2, equipment))
                        .toList(),
                workers,
                List.of(),
                List.of(),
                List.of());
    }

    /**
     * Keeps the usual setup with so many of some classes in service, as a beginning.
     *
     * @param yardOf by name, the yard of technicians who don't work at the first one
     */
    @Transactional
    public void begin(Map<String, Integer> keep, Map<String, String> yardOf, long by) {
        ShopSetupRequest usual = usual();
        ShopSetupRequest form = new ShopSetupRequest(
                usual.yards(),
                usual.technicians().stream()
                        .map(one -> new TechnicianSetup(
                                one.name(), yardOf.getOrDefault(one.name(), one.yard()), one.days(), one.hours()))
                        .toList(),
                usual.closures(),
                keep.entrySet().stream()
                        .map(one -> new MinimumInServiceSetup(one.getKey(), one.getValue()))
                        .toList(),
                usual.travelTimes());
        db.insertInto(SHOP_SETUP)
                .set(SHOP_SETUP.DOCUMENT, json.writeValueAsString(form))
                .set(SHOP_SETUP.RECORDED_AT, clock.instant())
                .set(SHOP_SETUP.PERSON_ID, by)
                .execute();
    }

    /** As core asks it. */
    @Transactional(readOnly = true)
    public ShopConstraints rules() {
        return rules(stored().form());
    }

    private ShopConstraints rules(ShopSetupRequest form) {
        LocalDate today = LocalDate.now(clock);
        List<VehicleAssessment> vehicleAssessments = fleet.all();
        Map<String, Integer> fit = vehicleAssessments.stream()
                .filter(vehicleAssessment -> vehicleAssessment.verdict() != Verdict.DO_NOT_OPERATE)
                .collect(Collectors.groupingBy(
                        vehicleAssessment -> vehicleAssessment.vehicleClass(), Collectors.summingInt(one -> 1)));
        return new ShopConstraints(
                today,
                form.yards().stream()
                        .map(yard -> new ShopConstraints.Yard(
                                yard.name(),
                                yard.open().entrySet().stream()
                                        .filter(day -> !day.getValue().isBlank())
                                        .collect(Collectors.toMap(
                                                Map.Entry::getKey, day -> TimeRange.parse(day.getValue()))),
                                yard.bays(),
                                yard.equipment()))
                        .toList(),
                form.technicians().stream()
                        .map(worker -> new ShopConstraints.Technician(
                                worker.name(),
                                worker.yard(),
                                worker.days().isEmpty() ? java.util.Set.of() : EnumSet.copyOf(worker.days()),
                                TimeRange.parse(worker.hours())))
                        .toList(),
                form.closures().stream()
                        .map(closure -> new ShopConstraints.Closure(
                                Optional.ofNullable(closure.yard()).filter(yard -> !yard.isBlank()),
                                closure.from(),
                                closure.to(),
                                closure.reason()))
                        .toList(),
                vehicleBookings.all().stream()
                        .map(away -> new ShopConstraints.VehicleBooking(
                                away.unit(),
                                LocalDateTime.parse(away.from()),
                                LocalDateTime.parse(away.to()),
                                away.reason()))
                        .toList(),
                form.minimums().stream()
                        .map(rule -> new ShopConstraints.MinimumInService(rule.vehicleClass(), rule.minimum()))
                        .toList(),
                fit,
                form.travelTimes().stream()
                        .map(road -> new ShopConstraints.TravelTime(road.one(), road.other(), road.minutes()))
                        .toList());
    }

    @Transactional(readOnly = true)
    public ShopSetupView view(Units units) {
        Stored stored = stored();
        return new ShopSetupView(
                stored.version(),
                stored.form(),
                ShopConstraints.USUAL_TRAVEL_MINUTES,
                ShopSetup.faults(rules(stored.form())).stream()
                        .map(fault -> fault.in(units))
                        .toList(),
                java.util.Arrays.stream(Equipment.values())
                        .map(one -> new EquipmentView(one, one.label()))
                        .toList(),
                people.all().stream().filter(Person::active).map(Person::name).toList(),
                fleet.all().stream()
                        .map(vehicleAssessment -> vehicleAssessment.vehicleClass())
                        .distinct()
                        .sorted()
                        .toList());
    }

    /** Keeps another setup; what can't be met is refused with its smallest cause. */
    @Transactional
    public ShopSetupView save(long seen, ShopSetupRequest form, Units units) {
        changeTracker.only();
        Stored before = stored();
        if (before.version() != seen) {
            throw ProblemException.changedMeanwhile(WORDS.say("anotherUserChangedTheShop"), view(units));
        }
        check(form);
        InputValidator wrong = new InputValidator();
        ShopSetup.faults(rules(form)).forEach(fault -> wrong.wrong("setup", fault.in(units)));
        wrong.refuseIfWrong();
        db.insertInto(SHOP_SETUP)
                .set(SHOP_SETUP.DOCUMENT, json.writeValueAsString(form))
                .set(SHOP_SETUP.RECORDED_AT, clock.instant())
                .set(SHOP_SETUP.PERSON_ID, people.me())
                .execute();
        return view(units);
    }

    private static void check(ShopSetupRequest form) {
        InputValidator wrong = new InputValidator();
        if (form.yards() == null
                || form.technicians() == null
                || form.closures() == null
                || form.minimums() == null
                || form.yards().size()
                                + form.technicians().size()
                                + form.closures().size()
                                + form.travelTimes().size()
                        > MOST_LINES) {
            throw ProblemException.field("setup", WORDS.say("partOfTheSetup"));
        }
        List<String> yards = form.yards().stream().map(YardSetup::name).toList();
        for (int at = 0; at < form.yards().size(); at++) {
            YardSetup yard = form.yards().get(at);
            String field = "yards[" + at + "].";
            wrong.unless(
                    yard.bays() >= 0 && yard.bays() <= MOST_BAYS,
                    field + "bays",
                    WORDS.say("at0ToBays", "mostBays", MOST_BAYS));
            yard.open().forEach((day, hours) -> {
                if (!hours.isBlank()) {
                    span(wrong, field + "open." + day, hours);
                }
            });
            wrong.unless(
                    yard.equipment().values().stream().allMatch(count -> count >= 0 && count <= MOST_BAYS),
                    field + "equipment",
                    WORDS.say("at0ToOfEach", "mostBays", MOST_BAYS));
        }
        for (int at = 0; at < form.technicians().size(); at++) {
            TechnicianSetup worker = form.technicians().get(at);
            String field = "technicians[" + at + "].";
            wrong.unless(worker.name() != null && !worker.name().isBlank(), field + "name", WORDS.say("chooseWho"));
            wrong.unless(yards.contains(worker.yard()), field + "yard", WORDS.say("chooseTheYard"));
            span(wrong, field + "hours", worker.hours());
        }
        for (int at = 0; at < form.closures().size(); at++) {
            ClosureSetup closure = form.closures().get(at);
            String field = "closures[" + at + "].";
            wrong.text(field + "reason", closure.reason(), LONGEST);
            wrong.unless(closure.from() != null, field + "from", WORDS.say("enterTheFirstDay"));
            wrong.unless(
                    closure.from() == null
                            || closure.to() != null && !closure.to().isBefore(closure.from()),
                    field + "to",
                    WORDS.say("lastDayIsntBefore"));
        }
        for (int at = 0; at < form.minimums().size(); at++) {
            MinimumInServiceSetup rule = form.minimums().get(at);
            wrong.unless(
                    rule.minimum() >= 0 && rule.minimum() <= 10_000,
                    "minimums[" + at + "].minimum",
                    WORDS.say("enterHowManyStay"));
        }
        for (int at = 0; at < form.travelTimes().size(); at++) {
            TravelTimeSetup road = form.travelTimes().get(at);
            wrong.unless(
                    yards.contains(road.one()) && yards.contains(road.other()),
                    "travelTimes[" + at + "].minutes",
                    WORDS.say("oneOfTheTwoYards"));
            wrong.unless(
                    road.minutes() >= 1 && road.minutes() <= LONGEST_ROAD,
                    "travelTimes[" + at + "].minutes",
                    WORDS.say("at1ToMinutes", "longestRoad", LONGEST_ROAD));
        }
        wrong.refuseIfWrong();
    }

    private static void span(InputValidator wrong, String field, String text) {
        try {
            TimeRange.parse(text == null ? "" : text);
        } catch (InvalidInputException e) {
            wrong.wrong(field, e.getMessage());
        }
    }
}
