package rotagens.server.evidence;

import static rotagens.server.evidence.EvidenceWords.WORDS;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Units;
import rotagens.server.evidence.EvidenceViews.EvidencePackView;
import rotagens.server.evidence.EvidenceViews.EvidenceSection;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.web.InputValidator;

/** Puts an evidence pack together. */
@Service
class EvidencePages {

    private static final int MOST_YEARS = 10;

    private final FleetCache fleet;
    private final ConditionEvidence condition;
    private final WorkEvidence work;
    private final Clock clock;

    EvidencePages(FleetCache fleet, ConditionEvidence condition, WorkEvidence work, Clock clock) {
        this.fleet = fleet;
        this.condition = condition;
        this.work = work;
        this.clock = clock;
    }

    /** The days a pack is about, and how what is in it is written. */
    record Span(VehicleAssessment vehicle, LocalDate from, LocalDate to, Units units, Clock clock) {

        LocalDate day(Instant at) {
            return LocalDate.ofInstant(at, clock.getZone());
        }

        Instant begins() {
            return from.atStartOfDay(clock.getZone()).toInstant();
        }

        Instant ends() {
            return to.plusDays(1).atStartOfDay(clock.getZone()).toInstant();
        }

        boolean holds(Instant at) {
            return holds(day(at));
        }

        boolean holds(LocalDate day) {
            return !day.isBefore(from) && !day.isAfter(to);
        }

        /** The code of a position by its id. */
        Map<Long, String> positions() {
            Map<Long, String> codes = new HashMap<>();
            vehicle.onFile().places().forEach((position, id) -> codes.put(id, position.code()));
            return codes;
        }
    }

    @Transactional(readOnly = true)
    EvidencePackView pack(long vehicleId, @Nullable LocalDate from, @Nullable LocalDate to, Units units) {
        VehicleAssessment vehicle = fleet.get(vehicleId);
        LocalDate last = Optional.ofNullable(to).orElse(vehicle.today());
        LocalDate first = Optional.ofNullable(from).orElse(last.minusYears(1));
        InputValidator wrong = new InputValidator();
        wrong.unless(!first.isAfter(last), "from", WORDS.say("firstDayIsAfter"));
        wrong.unless(
                !first.isBefore(last.minusYears(MOST_YEARS)),
                "from",
                WORDS.say("atMostYearsInOne", "mostYears", MOST_YEARS));
        wrong.unless(!last.isAfter(vehicle.today()), "to", WORDS.say("lastDay"));
        wrong.refuseIfWrong();
        Span span = new Span(vehicle, first, last, units, clock);
        List<EvidenceSection> sections = new ArrayList<>(condition.sections(span));
        sections.addAll(work.sections(span));
        sections.sort(java.util.Comparator.comparing(EvidenceSection::code));
        return new EvidencePackView(
                vehicleId,
                vehicle.unit(),
                vehicle.onFile().description(),
                vehicle.yard(),
                first,
                last,
                vehicle.today(),
                units,
                List.copyOf(sections),
                EvidenceViews.checksum(vehicle.unit(), first, last, vehicle.today(), units, sections));
    }
}
