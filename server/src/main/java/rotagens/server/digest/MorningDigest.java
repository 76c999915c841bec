package rotagens.server.digest;

import static rotagens.server.digest.DigestWords.WORDS;

import java.time.Clock;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;
import java.util.stream.Collectors;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import rotagens.core.fact.Verdict;
import rotagens.core.inspection.Stop;
import rotagens.core.measure.Message;
import rotagens.core.measure.Units;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.outbox.Outbox;
import rotagens.server.people.People;
import rotagens.server.purchasing.Purchasing;
import rotagens.server.settings.FleetSettings;
import rotagens.server.settings.FleetSettings.FleetSettingsView;
import rotagens.server.shop.Schedule;
import rotagens.server.shop.ShopViews.JobSlotView;
import rotagens.server.web.ProblemException;

/** Writes the morning's mail once a day, at the hour the fleet has chosen or as soon after as the server runs. */
@Service
public class MorningDigest {

    private static final Logger LOG = LoggerFactory.getLogger(MorningDigest.class);

    /** The mail as it was, or would be, written. */
    public record DigestView(String recipient, String subject, String body) {}

    private final FleetCache fleet;
    private final Schedule schedule;
    private final Purchasing purchasing;
    private final FleetSettings settings;
    private final Outbox outbox;
    private final People people;
    private final Clock clock;

    MorningDigest(
            FleetCache fleet,
            Schedule schedule,
            Purchasing purchasing,
            FleetSettings settings,
            Outbox outbox,
            People people,
            Clock clock) {
        this.fleet = fleet;
        this.schedule = schedule;
        this.purchasing = purchasing;
        this.settings = settings;
        this.outbox = outbox;
        this.people = people;
        this.clock = clock;
    }

    /**
     * Every few minutes: a server that starts late still writes the day's mail, and only once. Only the mail itself is written in
     * a transaction: putting it together holds nobody up.
     */
    @Scheduled(initialDelayString = "PT1M", fixedDelayString = "PT5M")
    public void whenDue() {
        FleetSettingsView wanted = settings.all();
        LocalDate today = LocalDate.now(clock);
        if (wanted.digestHour() == null
                || LocalTime.now(clock).getHour() < wanted.digestHour()
                || outbox.recipientOf(subjectOf(today)).isPresent()) {
            return;
        }
        settings.digestBy().ifPresent(person -> {
            DigestView mail = today(Units.US);
            outbox.add(mail.recipient(), mail.subject(), mail.body(), person);
            LOG.info("The morning's mail is written.");
        });
    }

    /** Writes today's mail now, whether or not it was written before. */
    DigestView now(Units units) {
        DigestView mail = today(units);
        if (mail.recipient().isEmpty()) {
            throw ProblemException.conflict(WORDS.say("saveFirstWhomTheMail"));
        }
        outbox.add(mail.recipient(), mail.subject(), mail.body(), people.me());
        return mail;
    }

    private static String subjectOf(LocalDate today) {
        return WORDS.say("morningOf", "today", Message.of("{}", today).in(Units.US));
    }

    /** What the mail of today says. */
    DigestView today(Units units) {
        LocalDate today = LocalDate.now(clock);
        List<VehicleAssessment> stopped = fleet.all().stream()
                .filter(vehicle -> vehicle.verdict() == Verdict.DO_NOT_OPERATE)
                .toList();
        List<JobSlotView> jobs = schedule.view(today, 1, units).jobs().stream()
                .filter(job -> !job.day().isAfter(today))
                .toList();
        List<String> late = purchasing.late().stream()
                .map(order -> WORDS.message(
                                "orderedExpected",
                                "supplier",
                                order.supplier(),
                                "ordered",
                                order.ordered(),
                                "expected",
                                order.expected())
                        .in(units))
                .toList();
        StringBuilder body = new StringBuilder();
        part(
                body,
                WORDS.say("doNotOperate"),
                stopped.stream().map(vehicle -> stopped(vehicle, units)).toList());
        part(
                body,
                WORDS.say("jobsToday"),
                jobs.stream()
                        .filter(job -> job.day().equals(today))
                        .map(MorningDigest::job)
                        .toList());
        part(
                body,
                WORDS.say("jobsNotDoneOnTheir"),
                jobs.stream()
                        .filter(job -> job.day().isBefore(today))
                        .map(job -> Message.of("{}, {}", job(job), job.day()).in(units))
                        .toList());
        part(body, WORDS.say("lateOrders"), late);
        return new DigestView(
                settings.all().digestTo(),
                WORDS.say(
                        "mustNotOperateJob", "fleet", subjectOf(today), "stopped", stopped.size(), "jobs", jobs.size()),
                body.toString());
    }

    private static void part(StringBuilder body, String title, List<String> lines) {
        body.append(title).append('\n');
        if (lines.isEmpty()) {
            body.append("  none\n");
        }
        lines.forEach(line -> body.append("  ").append(line).append('\n'));
        body.append('\n');
    }

    private static String stopped(VehicleAssessment vehicle, Units units) {
        return vehicle.unit() + ", " + vehicle.yard() + ": "
                + Stop.first(vehicle.stops()).stream()
                        .map(stop -> stop.statement().in(units))
                        .collect(Collectors.joining("; "));
    }

    private static String job(JobSlotView job) {
        return job.yard() + (job.start() == null ? "" : " " + job.start()) + ": " + job.unit() + ", "
                + String.join("; ", job.work())
                + (job.assignees().isEmpty() ? "" : " (" + String.join(", ", job.assignees()) + ")");
    }
}
