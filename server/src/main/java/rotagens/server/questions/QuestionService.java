package rotagens.server.questions;

import static rotagens.server.questions.QuestionsWords.WORDS;

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
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Units;
import rotagens.core.planning.Question;
import rotagens.core.planning.QuestionAnswers;
import rotagens.core.vehicle.Position;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.importexport.CsvText;
import rotagens.server.people.People;
import rotagens.server.planning.JobViews.JobView;
import rotagens.server.planning.Jobs;
import rotagens.server.relearn.RelearnService;
import rotagens.server.rotation.DualMatches;
import rotagens.server.web.InputValidator;
import rotagens.server.web.ProblemException;
import tools.jackson.databind.json.JsonMapper;

/** The coordinator's standing questions over the fleet, one or several at once, and those kept under a name. */
@Service
class QuestionService {

    private static final double YEARS = 5;
    private static final int LONGEST_NAME = 60;
    private static final int MOST_KEPT = 100;
    private static final int MOST_PARTNERS = 40;

    /**
     * What is asked.
     *
     * @param together whether a vehicle has to come up in every question, or in any
     */
    record QuestionRequest(
            List<Question> ask,
            boolean together,
            @Nullable String vehicleClass,
            @Nullable String yard,
            @Nullable Double years,
            @Nullable LocalDate by) {}

    record QuestionView(Question question, String title, String about, boolean asksForAge, int vehicles) {}

    record SavedQuestionView(long id, String name, QuestionRequest ask, String by, int vehicles) {}

    record QuestionListView(List<QuestionView> questions, List<SavedQuestionView> saved) {}

    record AnswerRow(
            long vehicleId,
            String unit,
            String yard,
            String vehicleClass,
            Question question,
            String title,
            @Nullable String position,
            String statement) {}

    record AnswerView(String title, int vehicles, List<AnswerRow> lines) {}

    record SaveQuestionRequest(
            @Nullable String name, @Nullable QuestionRequest ask) {}

    private final SavedQuestionStore store;
    private final FleetCache fleet;
    private final Jobs jobs;
    private final RelearnService relearnService;
    private final DualMatches partners;
    private final People people;
    private final ChangeTracker changeTracker;
    private final Clock clock;
    private final JsonMapper json;

    QuestionService(
            SavedQuestionStore store,
            FleetCache fleet,
            Jobs jobs,
            RelearnService relearnService,
            DualMatches partners,
            People people,
            ChangeTracker changeTracker,
            Clock clock,
            JsonMapper json) {
        this.store = store;
        this.fleet = fleet;
        this.jobs = jobs;
        this.relearnService = relearnService;
        this.partners = partners;
        this.people = people;
        this.changeTracker = changeTracker;
        this.clock = clock;
        this.json = json;
    }

    @Transactional(readOnly = true)
    public QuestionListView all(Units units) {
        // Counting needs no stock tire by name: whether one has to go is enough.
        Map<Long, QuestionAnswers.Inputs> inputs = known((vehicle, position) -> Optional.empty());
        List<VehicleAssessment> vehicleAssessments = fleet.all();
        return new QuestionListView(
                Arrays.stream(Question.values())
                        .map(question -> new QuestionView(
                                question,
                                question.title(),
                                question.about(),
                                question.asksForAge(),
                                vehicles(lines(
                                        vehicleAssessments,
                                        inputs,
                                        new QuestionRequest(List.of(question), true, null, null, null, null),
                                        units))))
                        .toList(),
                store.all().stream()
                        .map(saved -> {
                            QuestionRequest asked = json.readValue(saved.definition(), QuestionRequest.class);
                            return new SavedQuestionView(
                                    saved.id(),
                                    saved.name(),
                                    asked,
                                    saved.by(),
                                    vehicles(lines(vehicleAssessments, inputs, asked, units)));
                        })
                        .toList());
    }

    @Transactional(readOnly = true)
    public AnswerView answer(QuestionRequest questionRequest, Units units) {
        refuse(questionRequest);
        List<AnswerRow> lines = lines(fleet.all(), known(atMost(MOST_PARTNERS)), questionRequest, units);
        return new AnswerView(
                questionRequest.ask().stream()
                        .map(Question::title)
                        .collect(Collectors.joining(questionRequest.together() ? WORDS.say("and") : WORDS.say("or"))),
                vehicles(lines),
                lines);
    }

    @Transactional(readOnly = true)
    public String csv(QuestionRequest questionRequest, Units units) {
        List<List<String>> rows = new ArrayList<>();
        rows.add(List.of("unit", "yard", "class", "position", "question", "says"));
        answer(questionRequest, units)
                .lines()
                .forEach(line -> rows.add(List.of(
                        line.unit(),
                        line.yard(),
                        line.vehicleClass(),
                        line.position() == null ? "" : line.position(),
                        line.title(),
                        line.statement())));
        return CsvText.write(rows);
    }

    private static void refuse(QuestionRequest questionRequest) {
        InputValidator wrong = new InputValidator();
        wrong.unless(
                questionRequest.ask() != null && !questionRequest.ask().isEmpty(), "ask", WORDS.say("chooseAQuestion"));
        wrong.unless(
                questionRequest.years() == null || questionRequest.years() >= 1 && questionRequest.years() <= 20,
                "years",
                WORDS.say("ageLiesBetween1"));
        wrong.refuseIfWrong();
    }

    private static int vehicles(List<AnswerRow> lines) {
        return (int) lines.stream().map(AnswerRow::vehicleId).distinct().count();
    }

    private List<AnswerRow> lines(
            List<VehicleAssessment> vehicleAssessments,
            Map<Long, QuestionAnswers.Inputs> inputs,
            QuestionRequest questionRequest,
            Units units) {
        List<AnswerRow> all = new ArrayList<>();
        for (VehicleAssessment vehicleAssessment : vehicleAssessments) {
            var vehicle = vehicleAssessment.onFile();
            boolean asked = (questionRequest.vehicleClass() == null
                            || questionRequest
                                    .vehicleClass()
                                    .equals(vehicle.facts().vehicleClass()))
                    && (questionRequest.yard() == null || questionRequest.yard().equals(vehicle.yard()));
            if (!asked) {
                continue;
            }
            QuestionAnswers.Parameters age = new QuestionAnswers.Parameters(
                    questionRequest.years() == null ? YEARS : questionRequest.years(),
                    questionRequest.by() == null ? vehicleAssessment.today() : questionRequest.by());
            Map<Question, List<QuestionAnswers.Line>> answers = new LinkedHashMap<>();
            questionRequest
                    .ask()
                    .forEach(question ->
                            answers.put(question, QuestionAnswers.to(question, inputs.get(vehicle.id()), age)));
            boolean every = answers.values().stream().noneMatch(List::isEmpty);
            if (questionRequest.together() && !every) {
                continue;
            }
            answers.forEach((question, lines) -> lines.forEach(line -> all.add(new AnswerRow(
                    vehicle.id(),
                    vehicle.facts().unit(),
                    vehicle.yard(),
                    vehicle.facts().vehicleClass(),
                    question,
                    question.title(),
                    line.position().map(Position::code).orElse(null),
                    line.statement().in(units)))));
        }
        return all;
    }

    /** Each search tries the whole stock on one vehicle: a long answer names the first, and where to ask for the rest. */
    private BiFunction<Long, Position, Optional<String>> atMost(int most) {
        AtomicInteger left = new AtomicInteger(most);
        return (vehicle, position) -> left.getAndDecrement() > 0
                ? partners.best(vehicle, position)
                : Optional.of(WORDS.say("seeItsRotationPageOnly", "most", most));
    }

    /** What the questions need of every vehicle, by id. */
    private Map<Long, QuestionAnswers.Inputs> known(BiFunction<Long, Position, Optional<String>> partner) {
        Map<Long, String> relearn = relearnService.named();
        Map<Long, List<JobView>> open = jobs.open().stream().collect(Collectors.groupingBy(JobView::vehicleId));
        Map<Long, QuestionAnswers.Inputs> inputs = new LinkedHashMap<>();
        for (VehicleAssessment vehicleAssessment : fleet.all()) {
            var vehicle = vehicleAssessment.onFile();
            inputs.put(
                    vehicle.id(),
                    new QuestionAnswers.Inputs(
                            vehicleAssessment.state(),
                            vehicleAssessment.judgements(),
                            vehicleAssessment.due(),
                            vehicleAssessment.pressures(),
                            vehicleAssessment.pressures().axles().keySet().stream()
                                    .map(vehicleAssessment::carryNow)
                                    .toList(),
                            position -> partner.apply(vehicle.id(), position),
                            Optional.ofNullable(relearn.get(vehicle.id())),
                            vehicle.placardLocation() == null ? "" : vehicle.placardLocation(),
                            vehicle.normalLoadState(),
                            followUps(open.getOrDefault(vehicle.id(), List.of())),
                            vehicleAssessment.today()));
        }
        return inputs;
    }

    private static List<String> followUps(List<JobView> open) {
        return open.stream()
                .filter(jobView -> jobView.note().startsWith("after "))
                .map(jobView -> WORDS.say(
                        "planned",
                        "items",
                        jobView.items().stream()
                                .map(jobItemView -> jobItemView.label())
                                .filter(Objects::nonNull)
                                .distinct()
                                .collect(Collectors.joining(", ")),
                        "day",
                        rotagens.core.measure.Message.of("{}", jobView.day()).in(Units.US),
                        "note",
                        jobView.note()))
                .toList();
    }

    /** Keeps a question, or several combined, under a name. */
    @Transactional
    public void keep(SaveQuestionRequest kept) {
        changeTracker.draftsOnly();
        InputValidator wrong = new InputValidator();
        String name = wrong.text("name", kept.name(), LONGEST_NAME);
        wrong.unless(!name.isEmpty(), "name", WORDS.say("giveItAName"));
        wrong.unless(kept.ask() != null, "ask", WORDS.say("chooseAQuestion"));
        wrong.unless(!store.isNamed(name), "name", WORDS.say("anotherQuestionIsSaved", "name", name));
        wrong.unless(store.count() < MOST_KEPT, "name", WORDS.say("atMostAreKept", "mostKept", MOST_KEPT));
        wrong.refuseIfWrong();
        refuse(kept.ask());
        store.add(name, json.writeValueAsString(kept.ask()), clock.instant(), people.me());
    }

    @Transactional
    public void forget(long id) {
        changeTracker.draftsOnly();
        if (!store.remove(id)) {
            throw ProblemException.notFound(WORDS.say("thereIsNoSuchQuestion"));
        }
    }
}
