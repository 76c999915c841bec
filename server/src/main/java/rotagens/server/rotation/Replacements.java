package rotagens.server.rotation;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Units;
import rotagens.core.rotation.BenchTire;
import rotagens.core.rotation.Replacement;
import rotagens.core.vehicle.Position;
import rotagens.core.vehicle.Position.OnAxle;
import rotagens.server.fleet.Fleet;
import rotagens.server.fleet.Fleet.Standing;
import rotagens.server.rotation.BenchTop.Laid;
import rotagens.server.rotation.RotationViews.Asked;
import rotagens.server.rotation.RotationViews.FitView;
import rotagens.server.rotation.RotationViews.PickedView;
import rotagens.server.rotation.RotationViews.RefusedView;
import rotagens.server.rotation.RotationViews.ReplacementView;
import rotagens.server.rotation.RotationViews.Retire;
import rotagens.server.web.Entries;

/** What to put in place of tires that are to go: from all of the stock that fits, then what to buy. Nothing here is stored. */
@Service
class Replacements {

    private final Fleet fleet;
    private final BenchTop top;
    private final RotationPages pages;

    Replacements(Fleet fleet, BenchTop top, RotationPages pages) {
        this.fleet = fleet;
        this.top = top;
        this.pages = pages;
    }

    @Transactional(readOnly = true)
    ReplacementView of(long vehicleId, Retire typed, Units units) {
        Standing standing = fleet.get(vehicleId);
        pages.lay(standing, typed.asked());
        List<Position> retired = positions(standing, typed.positions());
        Laid all = top.lay(standing, typed.asked());
        Asked everything = new Asked(
                typed.asked().nextVisit(),
                all.stock().stream().map(BenchTire::id).toList(),
                typed.asked().buy(),
                typed.asked().override());
        Replacement found = Replacement.of(top.lay(standing, everything).bench(), retired);
        return new ReplacementView(
                found.best().map(pick -> view(pick, units)).orElse(null),
                found.runnerUp().map(pick -> view(pick, units)).orElse(null),
                found.why().map(why -> why.in(units)).orElse(null),
                found.refused().stream()
                        .map(refused -> new RefusedView(
                                refused.tire().id(),
                                refused.tire().name(),
                                refused.position().code(),
                                refused.reason().reason().rule().title(),
                                refused.reason().reason().says().in(units)))
                        .toList());
    }

    private static List<Position> positions(Standing standing, List<String> typed) {
        Entries wrong = new Entries();
        Set<Position> retired = new LinkedHashSet<>();
        for (String code : typed == null ? List.<String>of() : typed) {
            wrong.optional("positions", code, Position::parse).ifPresent(retired::add);
        }
        wrong.refuseIfWrong();
        wrong.unless(!retired.isEmpty(), "positions", "Choose the tires that are to go.");
        wrong.unless(
                retired.size() <= Replacement.MOST,
                "positions",
                "At most " + Replacement.MOST + " at a time: more is a new set, which Propose finds.");
        wrong.unless(
                retired.stream()
                        .allMatch(position -> position instanceof OnAxle
                                && standing.onFile().facts().layout().has(position)),
                "positions",
                "Only positions on this vehicle’s axles.");
        wrong.refuseIfWrong();
        return new ArrayList<>(retired);
    }

    private static PickedView view(Replacement.Pick pick, Units units) {
        return new PickedView(
                ArrangementWords.places(pick.arrangement()),
                pick.fits().stream()
                        .map(fit -> new FitView(
                                fit.position().code(),
                                fit.tire().id(),
                                fit.tire().name(),
                                fit.words().stream()
                                        .map(words -> words.in(units))
                                        .toList()))
                        .toList(),
                pick.fits().stream().anyMatch(fit -> fit.tire().toBuy()));
    }
}
