package rotagens.server.gauges;

import static rotagens.server.gauges.GaugesWords.WORDS;

import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.inspection.Gauge;
import rotagens.server.web.ProblemException;

/** The fleet's gauges by the name painted on them, and when each was at the master gauge. Checks are only ever added. */
@Service
public class Gauges {

    /** One check against a master gauge. */
    public record Calibration(LocalDate on, String by, String note) {}

    /** A gauge on file, its checks newest first. */
    public record OnFile(long id, Gauge gauge, boolean retired, List<Calibration> calibrations) {}

    private final GaugeStore store;
    private final Clock clock;

    Gauges(GaugeStore store, Clock clock) {
        this.store = store;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public List<OnFile> all() {
        Map<Long, List<Calibration>> checks = store.calibrations();
        return store.all().stream()
                .map(stored -> {
                    List<Calibration> own = checks.getOrDefault(stored.id(), List.of());
                    return new OnFile(
                            stored.id(),
                            new Gauge(
                                    stored.name(),
                                    stored.type(),
                                    own.stream().findFirst().map(Calibration::on)),
                            stored.retired(),
                            own);
                })
                .toList();
    }

    /** The gauge with an id, which must read that kind of figure; null stays null: nobody said which. */
    @Transactional(readOnly = true)
    public Long known(Long id, Gauge.Type type) {
        if (id != null && !store.exists(id, type)) {
            throw ProblemException.field(
                    type == Gauge.Type.PRESSURE ? "pressureGauge" : "treadGauge",
                    WORDS.say("thereIsNoSuchGauge2", "type", type.label()));
        }
        return id;
    }

    /** Puts a gauge on file. */
    @Transactional
    public long add(String name, Gauge.Type type, Optional<LocalDate> calibrated, long personId) {
        if (store.isNamed(name)) {
            throw ProblemException.field("name", WORDS.say("anotherGaugeIsCalledAlready", "name", name));
        }
        long id = store.add(name, type);
        calibrated.ifPresent(on -> calibrated(id, on, "", personId));
        return id;
    }

    /** Records a check against a master gauge. */
    @Transactional
    public void calibrated(long id, LocalDate on, String note, long personId) {
        refuseUnknown(id);
        store.addCalibration(id, on, note, clock.instant(), personId);
    }

    /** Takes a gauge out of use, or back. */
    @Transactional
    public void retire(long id, boolean retired) {
        refuseUnknown(id);
        store.retire(id, retired ? clock.instant() : null);
    }

    private void refuseUnknown(long id) {
        if (!store.exists(id)) {
            throw ProblemException.notFound(WORDS.say("thereIsNoSuchGauge"));
        }
    }
}
