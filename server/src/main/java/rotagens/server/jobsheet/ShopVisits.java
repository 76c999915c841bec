package rotagens.server.jobsheet;

import static rotagens.server.jobsheet.JobsheetWords.WORDS;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.jobsheet.StepCode;
import rotagens.core.jobsheet.StepInput;
import rotagens.core.jobsheet.StepRecords.Status;
import rotagens.core.jobsheet.VisitEntryType;
import rotagens.core.measure.Message;
import rotagens.core.measure.Units;
import rotagens.core.planning.NextTires;
import rotagens.core.planning.NextWanted;
import rotagens.core.planning.SignOff;
import rotagens.core.planning.VisitStage;
import rotagens.core.vehicle.Position;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.jobsheet.JobSheetPages.OpenedSheet;
import rotagens.server.jobsheet.JobSheetViews.FieldOption;
import rotagens.server.jobsheet.JobSheetViews.FieldView;
import rotagens.server.jobsheet.ShopVisitViews.BeforeAfterView;
import rotagens.server.jobsheet.ShopVisitViews.HandOverRequest;
import rotagens.server.jobsheet.ShopVisitViews.HandedOverView;
import rotagens.server.jobsheet.ShopVisitViews.InstalledTireView;
import rotagens.server.jobsheet.ShopVisitViews.ShopVisitView;
import rotagens.server.jobsheet.ShopVisitViews.VisitEntryOption;
import rotagens.server.jobsheet.ShopVisitViews.VisitEntryRequest;
import rotagens.server.jobsheet.ShopVisitViews.VisitEntryView;
import rotagens.server.jobsheet.ShopVisitViews.VisitStageView;
import rotagens.server.jobsheet.ShopVisitViews.WorkDoneView;
import rotagens.server.outbox.Outbox;
import rotagens.server.people.People;
import rotagens.server.photos.Photos;
import rotagens.server.photos.Photos.ReadyPhoto;
import rotagens.server.planning.JobViews.DueItemView;
import rotagens.server.planning.JobViews.JobItemView;
import rotagens.server.planning.JobViews.JobView;
import rotagens.server.planning.Jobs;
import rotagens.server.tire.TireCatalog;
import rotagens.server.tire.TireStore.InstalledTire;
import rotagens.server.web.InputValidator;
import rotagens.server.web.ProblemException;

/** A shop visit from booking to hand-over: what is noted beside the work, its gates, and the page the vehicle leaves with. */
@Service
public class ShopVisits {

    private static final int MOST_LINES = 60;
    private static final int DUE_SHOWN = 12;
    private static final int LONGEST_RECIPIENT = 120;

    private final Jobs jobs;
    private final JobSheetPages sheets;
    private final VisitEntryStore store;
    private final FleetCache fleet;
    private final TireCatalog catalog;
    private final Outbox outbox;
    private final Photos photos;
    private final People people;
    private final ChangeTracker changeTracker;
    private final Clock clock;

    ShopVisits(
            Jobs jobs,
            JobSheetPages sheets,
            VisitEntryStore store,
            FleetCache fleet,
            TireCatalog catalog,
            Outbox outbox,
            Photos photos,
            People people,
            ChangeTracker changeTracker,
            Clock clock) {
        this.jobs = jobs;
        this.sheets = sheets;
        this.store = store;
        this.fleet = fleet;
        this.catalog = catalog;
        this.outbox = outbox;
        this.photos = photos;
        this.people = people;
        this.changeTracker = changeTracker;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    ShopVisitView view(long jobId, Units units) {
        JobView job = jobs.get(jobId);
        VehicleAssessment vehicle = fleet.get(job.vehicleId());
        List<VisitEntryStore.Entry> entries = store.of(jobId);
        List<JobView> planned = jobs.ofVehicle(job.vehicleId()).stream()
                .filter(other -> other.doneAt() == null && other.id() != jobId)
                .sorted(Comparator.comparing(JobView::day))
                .toList();
        List<DueItemView> due = jobs.due(List.of(vehicle), units);
        return new ShopVisitView(
                jobId,
                job.vehicleId(),
                job.unit(),
                job.day(),
                job.doneAt() != null,
                stages(job, vehicle, entries).stream()
                        .map(stage -> new VisitStageView(
                                stage.stage(),
                                stage.stage().label(),
                                stage.state(),
                                stage.statement().stream()
                                        .map(line -> line.in(units))
                                        .toList()))
                        .toList(),
                options(vehicle),
                entries.stream().map(ShopVisits::line).toList(),
                VisitEntryStore.figures(entries).changes().stream()
                        .map(change -> new BeforeAfterView(
                                change.subject().isEmpty()
                                        ? change.figure().label()
                                        : change.subject() + ", "
                                                + change.figure().label(),
                                change.figure().before(),
                                change.figure().after(),
                                change.figure().difference()))
                        .toList(),
                job.items().stream()
                        .map(item -> new WorkDoneView(item.position(), item.label(), item.done()))
                        .toList(),
                vehicle.layout().positions().stream()
                        .map(position -> onVehicle(vehicle, position, units))
                        .toList(),
                planned,
                due.stream().limit(DUE_SHOWN).toList(),
                nextWanted(planned, vehicle, units).orElse(null),
                nextTires(vehicle).map(next -> next.in(units)).orElse(null),
                handedOver(entries).orElse(null));
    }

    private static List<VisitEntryOption> options(VehicleAssessment vehicle) {
        return Arrays.stream(VisitEntryType.values())
                .filter(VisitEntryType::isNoted)
                .map(entry -> new VisitEntryOption(
                        entry,
                        entry.part(),
                        entry.label(),
                        input(entry, vehicle).fields().stream()
                                .map(inputField -> new FieldView(
                                        inputField.name(),
                                        inputField.label(),
                                        inputField.type(),
                                        FieldOption.of(inputField),
                                        null,
                                        null))
                                .toList()))
                .toList();
    }

    private static StepInput input(VisitEntryType entry, VehicleAssessment vehicle) {
        return entry.input(vehicle.layout().axles().size());
    }

    private static VisitEntryView line(VisitEntryStore.Entry entry) {
        return new VisitEntryView(
                entry.id(),
                entry.type(),
                entry.type().part(),
                entry.type().label(),
                entry.text(),
                entry.warning(),
                entry.file() != null,
                entry.at(),
                entry.by(),
                entry.recordedValues());
    }

    private List<VisitStage> stages(JobView job, VehicleAssessment vehicle, List<VisitEntryStore.Entry> entries) {
        OpenedSheet sheet = sheets.load(job.id());
        Map<VisitEntryType, String> noted = new EnumMap<>(VisitEntryType.class);
        onSheet(sheet, StepCode.ROAD_TEST).ifPresent(by -> noted.put(VisitEntryType.ROAD_TEST_AFTER, by));
        onSheet(sheet, StepCode.CLEAN_UP)
                .or(() -> onSheet(sheet, StepCode.ODOMETER))
                .ifPresent(by -> noted.put(VisitEntryType.CLEAN_UP, by));
        entries.forEach(
                entry -> noted.merge(entry.type(), entry.text(), (older, newer) -> newer.isEmpty() ? older : newer));
        LocalDate planned = LocalDate.ofInstant(jobs.plannedAt(job.id()), clock.getZone());
        return VisitStage.of(new VisitStage.Facts(
                job.items().stream().map(JobItemView::workType).toList(),
                job.doneAt() != null,
                job.doneAt() != null
                        ? 0
                        : sheet.sheet().open(sheet.marks().settled()).size(),
                noted,
                VisitEntryStore.figures(entries),
                SignOff.weighedSince(vehicle.state(), planned).map(RecordedFacts::weighed),
                handedOver(entries).map(HandedOverView::to),
                vehicle.state(),
                vehicle.judgements()));
    }

    /** What the job's sheet has on record already isn't noted twice. */
    private static Optional<String> onSheet(OpenedSheet sheet, StepCode code) {
        return Optional.ofNullable(sheet.marks().last().get(code.name()))
                .filter(mark -> mark.type() == Status.DONE)
                .map(mark -> WORDS.say("onTheJobSheet", "person", mark.person()));
    }

    private static Optional<HandedOverView> handedOver(List<VisitEntryStore.Entry> entries) {
        return entries.stream()
                .filter(entry -> entry.type() == VisitEntryType.HANDED_OVER)
                .reduce((older, newer) -> newer)
                .map(entry -> new HandedOverView(entry.text(), entry.by(), entry.at()));
    }

    /** The planned visit or the due work that comes first. */
    private Optional<String> nextWanted(List<JobView> planned, VehicleAssessment vehicle, Units units) {
        Set<String> onAJob = jobs.due(List.of(vehicle), units).stream()
                .filter(item -> item.scheduled() != null)
                .map(DueItemView::key)
                .collect(Collectors.toSet());
        return NextWanted.of(
                        planned.stream()
                                .map(job -> new NextWanted.PlannedJob(
                                        job.day(),
                                        job.items().stream()
                                                .map(item -> item.position() == null
                                                        ? item.label()
                                                        : item.position() + " " + item.label())
                                                .collect(Collectors.joining("; "))))
                                .toList(),
                        vehicle.due().stream()
                                .filter(item -> !onAJob.contains(item.key()))
                                .toList())
                .map(next -> next.statement(vehicle.today()).in(units));
    }

    private Optional<Message> nextTires(VehicleAssessment vehicle) {
        return NextTires.of(
                        vehicle.due(),
                        vehicle.vehicle(),
                        position -> Optional.ofNullable(vehicle.fitted().get(position))
                                .flatMap(tire ->
                                        catalog.get(tire.modelId()).details().price()),
                        vehicle.policy())
                .map(next -> next.statement(vehicle.today()));
    }

    private static InstalledTireView onVehicle(VehicleAssessment vehicle, Position position, Units units) {
        Optional<InstalledTire> tire = Optional.ofNullable(vehicle.fitted().get(position));
        return new InstalledTireView(
                position.code(),
                vehicle.layout().nameOf(position),
                tire.map(one -> one.tire().model().title()).orElse(null),
                tire.flatMap(InstalledTire::dotCode).orElse(null),
                tire.flatMap(one -> one.tire().dotWeek())
                        .map(made -> String.format(
                                Locale.ROOT, "%.1f y", Math.floor(made.ageYears(vehicle.today()) * 10) / 10))
                        .orElse(null),
                vehicle.state()
                        .at(position)
                        .lastPressure()
                        .flatMap(reading -> reading.pressure())
                        .map(pressure -> pressure.format(units))
                        .orElse(null),
                tire.flatMap(one -> vehicle.target(position, one.tire().model()).pressure())
                        .map(pressure -> pressure.format(units))
                        .orElse(null));
    }

    /** Notes a line; a figure of steering or suspension is a fact of the vehicle from now on. */
    @Transactional
    public ShopVisitView note(long jobId, VisitEntryRequest typed, Units units) {
        JobView job = open(jobId);
        if (typed.entry() == null || !typed.entry().isNoted()) {
            throw ProblemException.field("entry", WORDS.say("chooseWhat"));
        }
        VehicleAssessment vehicle = fleet.get(job.vehicleId());
        StepInput.InputResult read =
                input(typed.entry(), vehicle).read(typed.fields() == null ? Map.of() : typed.fields(), units);
        InputValidator wrong = new InputValidator();
        read.errors().forEach(wrong::wrong);
        wrong.refuseIfWrong();
        if (typed.entry().facts(read.recordedValues(), vehicle.today(), "").isEmpty()) {
            changeTracker.draftsOnly();
        } else {
            changeTracker.only(job.vehicleId());
        }
        String says = read.statement().in(units);
        add(
                jobId,
                typed.entry(),
                says.equals("done") ? "" : says,
                read.outside().map(message -> message.in(units)).orElse(""),
                read.recordedValues(),
                null);
        return view(jobId, units);
    }

    /** A photo: damage that was there when the vehicle came, or the evidence of other work. */
    @Transactional
    ShopVisitView photograph(long jobId, VisitEntryType entry, ReadyPhoto picture, Units units) {
        changeTracker.draftsOnly();
        open(jobId);
        if (!entry.isNoted()) {
            throw ProblemException.field("entry", WORDS.say("chooseWhat"));
        }
        add(jobId, entry, "", "", Map.of(), photos.name(picture));
        return view(jobId, units);
    }

    /** Signs the vehicle over to the person in charge: nothing is missing, and the letter goes out. */
    @Transactional
    ShopVisitView handOver(long jobId, HandOverRequest typed, Units units) {
        changeTracker.only();
        JobView job = open(jobId);
        VehicleAssessment vehicle = fleet.get(job.vehicleId());
        InputValidator wrong = new InputValidator();
        String to = wrong.text("to", typed.to(), LONGEST_RECIPIENT);
        wrong.unless(!to.isEmpty(), "to", WORDS.say("enterWhoTakesTheVehicle"));
        wrong.refuseIfWrong();
        List<VisitStage> gates = VisitStage.gates(stages(job, vehicle, store.of(jobId)));
        if (!gates.isEmpty()) {
            throw ProblemException.conflict(WORDS.say(
                    "notHandedOverMissing",
                    "gates",
                    gates.stream()
                            .map(gate -> gate.stage().label() + ": "
                                    + gate.statement().stream()
                                            .map(line -> line.in(units))
                                            .collect(Collectors.joining("; ")))
                            .collect(Collectors.joining(" · "))));
        }
        add(jobId, VisitEntryType.HANDED_OVER, to, "", Map.of(), null);
        ShopVisitView view = view(jobId, units);
        outbox.add(to, WORDS.say("handedOver", "job", job.unit()), HandOverLetter.of(view), people.me());
        return view;
    }

    private JobView open(long jobId) {
        JobView job = jobs.get(jobId);
        handedOver(store.of(jobId)).ifPresent(signed -> {
            throw ProblemException.conflict(WORDS.say("handedOverToAlready", "to", signed.to()));
        });
        return job;
    }

    private void add(
            long jobId,
            VisitEntryType entry,
            String words,
            String concern,
            Map<String, String> figures,
            @Nullable String file) {
        if (store.of(jobId).size() >= MOST_LINES) {
            throw ProblemException.conflict(WORDS.say("thisVisitHasLinesAlready", "mostLines", MOST_LINES));
        }
        Instant now = clock.instant();
        store.add(jobId, new VisitEntryStore.Entry(0, entry, words, concern, figures, file, now, people.me(), ""));
    }

    /** The picture of a line. */
    @Transactional(readOnly = true)
    byte[] picture(long jobId, long line) {
        return store.file(jobId, line)
                .map(photos::bytes)
                .filter(bytes -> bytes.length > 0)
                .orElseThrow(() -> ProblemException.notFound(WORDS.say("thereIsNoSuchPhoto")));
    }
}
