package rotagens.server.questions;

import static rotagens.server.storage.generated.Tables.KEPT_QUESTION;
import static rotagens.server.storage.generated.Tables.PERSON;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.BiFunction;
import java.util.stream.Collectors;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Units;
import rotagens.core.planning.Answers;
import rotagens.core.planning.Question;
import rotagens.core.vehicle.Position;
import rotagens.server.changes.Changes;
import rotagens.server.exchange.CsvText;
import rotagens.server.fleet.Fleet.Standing;
import rotagens.server.fleet.KeptFleet;
import rotagens.server.people.People;
import rotagens.server.planning.JobViews.Job;
import rotagens.server.planning.Jobs;
import rotagens.server.relearn.Relearns;
import rotagens.server.rotation.DualPartners;
import rotagens.server.web.Entries;
import rotagens.server.web.ProblemException;
import tools.jackson.databind.json.JsonMapper;

/** The coordinator's standing questions over the fleet, one or several at once, and those kept under a name. */
@Service
class Questions {

    private static final double YEARS = 5;
    private static final int LONGEST_NAME = 60;
    private static final int MOST_KEPT = 100;
    private static final int MOST_PARTNERS = 40;

    /**
     * What is asked.
     *
     * @param together whether a vehicle has to come up in every question, or in any
     */
    record Ask(
            List<Question> ask,
            boolean together,
            @Nullable String vehicleClass,
            @Nullable String yard,
            @Nullable Double years,
            @Nullable LocalDate by) {}

    record QuestionView(Question question, String title, String about, boolean asksForAge, int vehicles) {}

    record KeptQuestionView(long id, String name, Ask ask, String by, int vehicles) {}

    record QuestionsView(List<QuestionView> questions, List<KeptQuestionView> kept) {}

    record AnswerLine(
            long vehicleId,
            String unit,
            String yard,
            String vehicleClass,
            Question question,
            String title,
            @Nullable String position,
            String says) {}

    record AnswerView(String title, int vehicles, List<AnswerLine> lines) {}

    record KeepQuestion(@Nullable String name, @Nullable Ask ask) {}

    private final DSLContext db;
    private final KeptFleet fleet;
    private final Jobs jobs;
    private final Relearns relearns;
    private final DualPartners partners;
    private final People people;
    private final Changes changes;
    private final Clock clock;
    private final JsonMapper json;

    Questions(
            DSLContext db,
            KeptFleet fleet,
            Jobs jobs,
            Relearns relearns,
            DualPartners partners,
            People people,
            Changes changes,
            Clock clock,
            JsonMapper json) {
        this.db = db;
        this.fleet = fleet;
        this.jobs = jobs;
        this.relearns = relearns;
        this.partners = partners;
        this.people = people;
        this.changes = changes;
        this.clock = clock;
        this.json = json;
    }

    @Transactional(readOnly = true)
    public QuestionsView all(Units units) {
        // Counting needs no stock tire by name: whether one has to go is enough.
        Map<Long, Answers.Known> known = known((vehicle, position) -> Optional.empty());
        List<Standing> standings = fleet.all();
        return new QuestionsView(
                Arrays.stream(Question.values())
                        .map(question -> new QuestionView(
                                question,
                                question.title(),
                                question.about(),
                                question.asksForAge(),
                                vehicles(lines(
                                        standings,
                                        known,
                                        new Ask(List.of(question), true, null, null, null, null),
                                        units))))
                        .toList(),
                db.select(KEPT_QUESTION.asterisk(), PERSON.NAME)
                        .from(KEPT_QUESTION)
                        .join(PERSON)
                        .on(PERSON.ID.eq(KEPT_QUESTION.PERSON_ID))
                        .orderBy(KEPT_QUESTION.NAME)
                        .fetch(row -> {
                            Ask ask = json.readValue(row.get(KEPT_QUESTION.DEFINITION), Ask.class);
                            return new KeptQuestionView(
                                    row.get(KEPT_QUESTION.ID),
                                    row.get(KEPT_QUESTION.NAME),
                                    ask,
                                    row.get(PERSON.NAME),
                                    vehicles(lines(standings, known, ask, units)));
                        }));
    }

    @Transactional(readOnly = true)
    public AnswerView answer(Ask ask, Units units) {
        refuse(ask);
        List<AnswerLine> lines = lines(fleet.all(), known(atMost(MOST_PARTNERS)), ask, units);
        return new AnswerView(
                ask.ask().stream().map(Question::title).collect(Collectors.joining(ask.together() ? " and " : " or ")),
                vehicles(lines),
                lines);
    }

    @Transactional(readOnly = true)
    public String csv(Ask ask, Units units) {
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("unit", "yard", "class", "position", "question", "says"));
        answer(ask, units)
                .lines()
                .forEach(line -> rows.add(List.of(
                        line.unit(),
                        line.yard(),
                        line.vehicleClass(),
                        line.position() == null ? "" : line.position(),
                        line.title(),
                        line.says())));
        return CsvText.write(rows);
    }

    private static void refuse(Ask ask) {
        Entries wrong = new Entries();
        wrong.unless(ask.ask() != null && !ask.ask().isEmpty(), "ask", "Choose a question.");
        wrong.unless(
                ask.years() == null || ask.years() >= 1 && ask.years() <= 20,
                "years",
                "An age lies between 1 and 20 years.");
        wrong.refuseIfWrong();
    }

    private static int vehicles(List<AnswerLine> lines) {
        return (int) lines.stream().map(AnswerLine::vehicleId).distinct().count();
    }

    private List<AnswerLine> lines(List<Standing> standings, Map<Long, Answers.Known> known, Ask ask, Units units) {
        List<AnswerLine> all = new ArrayList<>();
        for (Standing standing : standings) {
            var vehicle = standing.onFile();
            boolean asked = (ask.vehicleClass() == null
                            || ask.vehicleClass().equals(vehicle.facts().vehicleClass()))
                    && (ask.yard() == null || ask.yard().equals(vehicle.yard()));
            if (!asked) {
                continue;
            }
            Answers.Asked age = new Answers.Asked(
                    ask.years() == null ? YEARS : ask.years(), ask.by() == null ? standing.today() : ask.by());
            Map<Question, List<Answers.Line>> answers = new LinkedHashMap<>();
            ask.ask().forEach(question -> answers.put(question, Answers.to(question, known.get(vehicle.id()), age)));
            boolean every = answers.values().stream().noneMatch(List::isEmpty);
            if (ask.together() && !every) {
                continue;
            }
            answers.forEach((question, lines) -> lines.forEach(line -> all.add(new AnswerLine(
                    vehicle.id(),
                    vehicle.facts().unit(),
                    vehicle.yard(),
                    vehicle.facts().vehicleClass(),
                    question,
                    question.title(),
                    line.position().map(Position::code).orElse(null),
                    line.says().in(units)))));
        }
        return all;
    }

    /** Each search tries the whole stock on one vehicle: a long answer names the first, and where to ask for the rest. */
    private BiFunction<Long, Position, Optional<String>> atMost(int most) {
        AtomicInteger left = new AtomicInteger(most);
        return (vehicle, position) -> left.getAndDecrement() > 0
                ? partners.best(vehicle, position)
                : Optional.of("ask on its rotation bench: only the first " + most + " are searched here");
    }

    /** What the questions need of every vehicle, by id. */
    private Map<Long, Answers.Known> known(BiFunction<Long, Position, Optional<String>> partner) {
        Map<Long, String> relearn = relearns.named();
        Map<Long, List<Job>> open = jobs.open().stream().collect(Collectors.groupingBy(Job::vehicleId));
        Map<Long, Answers.Known> known = new LinkedHashMap<>();
        for (Standing standing : fleet.all()) {
            var vehicle = standing.onFile();
            known.put(
                    vehicle.id(),
                    new Answers.Known(
                            standing.state(),
                            standing.judgements(),
                            standing.due(),
                            standing.pressures(),
                            standing.pressures().axles().keySet().stream()
                                    .map(standing::carryNow)
                                    .toList(),
                            position -> partner.apply(vehicle.id(), position),
                            Optional.ofNullable(relearn.get(vehicle.id())),
                            vehicle.placardSpot() == null ? "" : vehicle.placardSpot(),
                            vehicle.usualState(),
                            followUps(open.getOrDefault(vehicle.id(), List.of())),
                            standing.today()));
        }
        return known;
    }

    private static List<String> followUps(List<Job> open) {
        return open.stream()
                .filter(job -> job.note().startsWith("after "))
                .map(job -> job.items().stream()
                                .map(item -> item.work())
                                .filter(Objects::nonNull)
                                .distinct()
                                .collect(Collectors.joining(", "))
                        + " planned "
                        + rotagens.core.measure.Phrase.of("{}", job.day()).in(Units.US) + ", " + job.note())
                .toList();
    }

    /** Keeps a question, or several combined, under a name. */
    @Transactional
    public void keep(KeepQuestion kept) {
        changes.draftsOnly();
        Entries wrong = new Entries();
        String name = wrong.text("name", kept.name(), LONGEST_NAME);
        wrong.unless(!name.isEmpty(), "name", "Give it a name.");
        wrong.unless(kept.ask() != null, "ask", "Choose a question.");
        wrong.unless(
                !db.fetchExists(KEPT_QUESTION, KEPT_QUESTION.NAME.equalIgnoreCase(name)),
                "name",
                "Another question is kept as “" + name + "” already.");
        wrong.unless(db.fetchCount(KEPT_QUESTION) < MOST_KEPT, "name", "At most " + MOST_KEPT + " are kept.");
        wrong.refuseIfWrong();
        refuse(kept.ask());
        db.insertInto(KEPT_QUESTION)
                .set(KEPT_QUESTION.NAME, name)
                .set(KEPT_QUESTION.DEFINITION, json.writeValueAsString(kept.ask()))
                .set(KEPT_QUESTION.AT, clock.instant())
                .set(KEPT_QUESTION.PERSON_ID, people.me())
                .execute();
    }

    @Transactional
    public void forget(long id) {
        changes.draftsOnly();
        if (db.deleteFrom(KEPT_QUESTION).where(KEPT_QUESTION.ID.eq(id)).execute() == 0) {
            throw ProblemException.notFound("There is no such question.");
        }
    }
}
