package rotagens.server.tirepages;

import static rotagens.server.tirepages.TirepagesWords.WORDS;

import java.time.LocalDate;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.inspection.LimitDates;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.tire.DotWeek;
import rotagens.core.vehicle.Position;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.tire.TireStore.InstalledTire;
import rotagens.server.tirepages.TireViews.DotRow;
import rotagens.server.tirepages.TireViews.DotSheetView;

/** DOT week, age and age limit of every position of a vehicle, for the screen. */
@Service
class DotSheetPages {

    private final FleetCache fleet;

    DotSheetPages(FleetCache fleet) {
        this.fleet = fleet;
    }

    @Transactional(readOnly = true)
    DotSheetView dotSheet(long vehicleId) {
        VehicleAssessment vehicleAssessment = fleet.get(vehicleId);
        var onFile = vehicleAssessment.onFile();
        return new DotSheetView(
                vehicleId,
                onFile.facts().unit(),
                onFile.description(),
                onFile.yard(),
                vehicleAssessment.today(),
                onFile.facts().layout().positions().stream()
                        .map(position -> dotRow(vehicleAssessment, position))
                        .toList());
    }

    private static DotRow dotRow(VehicleAssessment vehicleAssessment, Position position) {
        var facts = vehicleAssessment.vehicle();
        Optional<InstalledTire> installedTire =
                Optional.ofNullable(vehicleAssessment.fitted().get(position));
        Optional<DotWeek> made = installedTire.flatMap(here -> here.tire().dotWeek());
        double limit = LimitDates.ageLimitYears(facts, position, vehicleAssessment.policyAt(position));
        Optional<LocalDate> limitOn = made.map(date -> date.reaches(limit));
        String note = installedTire.isEmpty()
                ? WORDS.say("noTireOnFile")
                : made.isEmpty()
                        ? WORDS.say("dotDateNotReadRead")
                        : installedTire.get().tire().isRetread()
                                ? WORDS.say("retreadAgeOfTheCasing")
                                : made.get().isoWeek53() ? WORDS.say("stampedInIsoWeeks") : null;
        return new DotRow(
                position.code(),
                facts.layout().nameOf(position),
                installedTire.map(here -> here.tire().id()).orElse(null),
                installedTire.flatMap(InstalledTire::number).orElse(null),
                installedTire.map(here -> here.tire().model().title()).orElse(null),
                installedTire.flatMap(InstalledTire::dotCode).orElse(null),
                made.map(DotWeek::marked).orElse(null),
                made.map(DotWeek::weekStart).orElse(null),
                made.map(date -> years(date, vehicleAssessment.today())).orElse(null),
                limit,
                limitOn.orElse(null),
                limitOn.map(on -> DotWeek.nearness(
                                on,
                                vehicleAssessment.today(),
                                vehicleAssessment.policyAt(position).days(PolicyNumber.FORECAST_DAYS)))
                        .orElse(null),
                limitOn.map(on -> DotWeek.daysRemaining(on, vehicleAssessment.today()))
                        .orElse(null),
                note);
    }

    private static double years(DotWeek date, LocalDate today) {
        return Math.floor(date.ageYears(today) * 10) / 10;
    }
}
