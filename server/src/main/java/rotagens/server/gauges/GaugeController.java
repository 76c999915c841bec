package rotagens.server.gauges;

import static rotagens.server.gauges.GaugesWords.WORDS;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.inspection.Gauge;
import rotagens.core.inspection.VerdictReason;
import rotagens.core.measure.Units;
import rotagens.core.policy.Policy;
import rotagens.server.people.People;
import rotagens.server.policy.PolicyStore;
import rotagens.server.web.InputValidator;

@RestController
class GaugeController {

    /**
     * One gauge.
     *
     * @param dueSoon whether it has to be at the master gauge within a month; never of one out of use
     * @param doubt why its figures are less than certain today; null while its calibration stands
     */
    record GaugeView(
            long id,
            String name,
            Gauge.Type type,
            String typeLabel,
            @Nullable LocalDate calibrated,
            LocalDate due,
            boolean dueSoon,
            @Nullable String doubt,
            @Nullable String explanation,
            boolean retired,
            List<Gauges.Calibration> calibrations) {}

    record GaugeRequest(
            @Nullable String name,
            Gauge.@Nullable Type type,
            @Nullable LocalDate calibrated) {}

    record CalibrationRequest(
            @Nullable LocalDate day, @Nullable String note) {}

    private final Gauges gauges;
    private final PolicyStore policyStore;
    private final People people;
    private final Clock clock;

    GaugeController(Gauges gauges, PolicyStore policyStore, People people, Clock clock) {
        this.gauges = gauges;
        this.policyStore = policyStore;
        this.people = people;
        this.clock = clock;
    }

    /** The gauges with their last check and how far they are off. */
    @GetMapping("/api/gauges")
    List<GaugeView> listGauges(@RequestParam(defaultValue = "US") Units units) {
        Policy.ClassPolicy policy = policyStore.inForce().of(null);
        LocalDate today = LocalDate.now(clock);
        return gauges.all().stream()
                .map(one -> {
                    Optional<VerdictReason> doubt = one.gauge().doubt(policy, today);
                    return new GaugeView(
                            one.id(),
                            one.gauge().name(),
                            one.gauge().type(),
                            one.gauge().type().label(),
                            one.gauge().calibrated().orElse(null),
                            one.gauge().due(policy, today),
                            !one.retired() && one.gauge().dueSoon(policy, today),
                            doubt.map(verdictReason ->
                                            verdictReason.reason().statement().in(units))
                                    .orElse(null),
                            doubt.map(verdictReason ->
                                            verdictReason.reason().explanation().in(units))
                                    .orElse(null),
                            one.retired(),
                            one.calibrations());
                })
                .toList();
    }

    /** Adds a gauge. */
    @PostMapping("/api/gauges")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void addGauge(@RequestBody GaugeRequest typed) {
        InputValidator wrong = new InputValidator();
        String name = wrong.text("name", typed.name(), 40);
        wrong.unless(!name.isEmpty(), "name", WORDS.say("whatIsWritten"));
        wrong.unless(typed.type() != null, "type", WORDS.say("whatDoesItRead"));
        refuseAhead(wrong, "calibrated", typed.calibrated());
        wrong.refuseIfWrong();
        gauges.add(name, typed.type(), Optional.ofNullable(typed.calibrated()), people.me());
    }

    /** Records a check of a gauge against a known figure. */
    @PostMapping("/api/gauges/{id}/calibrations")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void addCalibration(@PathVariable long id, @RequestBody CalibrationRequest typed) {
        InputValidator wrong = new InputValidator();
        wrong.unless(typed.day() != null, "day", WORDS.say("onWhichDayWas"));
        refuseAhead(wrong, "day", typed.day());
        String note = wrong.text("note", typed.note(), 200);
        wrong.refuseIfWrong();
        gauges.calibrated(id, typed.day(), note, people.me());
    }

    /** Takes a gauge out of use; its readings stay. */
    @PostMapping("/api/gauges/{id}/retire")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void retireGauge(@PathVariable long id) {
        gauges.retire(id, true);
    }

    /** Puts a retired gauge into use again. */
    @PostMapping("/api/gauges/{id}/restore")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void restoreGauge(@PathVariable long id) {
        gauges.retire(id, false);
    }

    private void refuseAhead(InputValidator wrong, String field, LocalDate day) {
        wrong.unless(day == null || !day.isAfter(LocalDate.now(clock)), field, WORDS.say("thisDayLiesAheadCheck"));
    }
}
