package rotagens.server.rotation;

import static rotagens.server.rotation.RotationWords.WORDS;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Units;
import rotagens.core.rotation.CandidateTire;
import rotagens.core.rotation.ReplacementSearch;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.OnAxle;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.rotation.RotationLoader.LoadedProblem;
import rotagens.server.rotation.RotationViews.FindReplacementRequest;
import rotagens.server.rotation.RotationViews.InstalledOptionView;
import rotagens.server.rotation.RotationViews.RejectedTireView;
import rotagens.server.rotation.RotationViews.ReplacementView;
import rotagens.server.rotation.RotationViews.RotationOptions;
import rotagens.server.rotation.RotationViews.TireMatchView;
import rotagens.server.web.InputValidator;

/** What to put in place of tires that are to go: from all of the stock that fits, then what to buy. Nothing here is stored. */
@Service
class ReplacementService {

    private final FleetCache fleet;
    private final RotationLoader top;
    private final RotationPages pages;

    ReplacementService(FleetCache fleet, RotationLoader top, RotationPages pages) {
        this.fleet = fleet;
        this.top = top;
        this.pages = pages;
    }

    @Transactional(readOnly = true)
    ReplacementView of(long vehicleId, FindReplacementRequest typed, Units units) {
        VehicleAssessment vehicleAssessment = fleet.get(vehicleId);
        pages.lay(vehicleAssessment, typed.options());
        List<Position> retired = positions(vehicleAssessment, typed.positions());
        LoadedProblem all = top.lay(vehicleAssessment, typed.options());
        RotationOptions everything = new RotationOptions(
                typed.options().nextVisit(),
                all.stock().stream().map(CandidateTire::id).toList(),
                typed.options().buy(),
                typed.options().override());
        ReplacementSearch found =
                ReplacementSearch.of(top.lay(vehicleAssessment, everything).bench(), retired);
        return new ReplacementView(
                found.best()
                        .map(replacementOption -> view(replacementOption, units))
                        .orElse(null),
                found.runnerUp()
                        .map(replacementOption -> view(replacementOption, units))
                        .orElse(null),
                found.reason().map(why -> why.in(units)).orElse(null),
                found.rejected().stream()
                        .map(rejectedTire -> new RejectedTireView(
                                rejectedTire.tire().id(),
                                rejectedTire.tire().name(),
                                rejectedTire.position().code(),
                                rejectedTire.reason().reason().rule().title(),
                                rejectedTire.reason().reason().statement().in(units)))
                        .toList());
    }

    private static List<Position> positions(VehicleAssessment vehicleAssessment, List<String> typed) {
        InputValidator wrong = new InputValidator();
        Set<Position> retired = new LinkedHashSet<>();
        for (String code : typed == null ? List.<String>of() : typed) {
            wrong.optional("positions", code, Position::parse).ifPresent(retired::add);
        }
        wrong.refuseIfWrong();
        wrong.unless(!retired.isEmpty(), "positions", WORDS.say("chooseTheTires"));
        wrong.unless(
                retired.size() <= ReplacementSearch.MOST,
                "positions",
                WORDS.say("atMostAtATime", "most", ReplacementSearch.MOST));
        wrong.unless(
                retired.stream()
                        .allMatch(position -> position instanceof OnAxle
                                && vehicleAssessment.layout().has(position)),
                "positions",
                WORDS.say("onlyPositionsOnThisVehicles"));
        wrong.refuseIfWrong();
        return new ArrayList<>(retired);
    }

    private static InstalledOptionView view(ReplacementSearch.ReplacementOption replacementOption, Units units) {
        return new InstalledOptionView(
                ArrangementText.places(replacementOption.arrangement()),
                replacementOption.fits().stream()
                        .map(tireMatch -> new TireMatchView(
                                tireMatch.position().code(),
                                tireMatch.tire().id(),
                                tireMatch.tire().name(),
                                tireMatch.label().stream()
                                        .map(words -> words.in(units))
                                        .toList()))
                        .toList(),
                replacementOption.fits().stream()
                        .anyMatch(tireMatch -> tireMatch.tire().toBuy()));
    }
}
