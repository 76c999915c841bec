package rotagens.core.pressure;

import java.util.List;
import java.util.Optional;
import rotagens.core.measure.Phrase;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.tire.TireModel;

/**
 * Everything there is to say about one axle's pressure.
 *
 * @param tires the models fitted, each once
 * @param curve of the tire that asks for most; empty where it can't be told, {@code missing} then says why
 * @param load what the axle is known to carry in the state in force
 * @param needPsi the pressure at which capacity equals that load; empty without a load
 * @param trimFloorPsi under this no chalk line goes: the need of the heaviest load on file, without a slip the placard
 * @param chosen the school the target comes from
 * @param why the ground of that choice
 */
public record AxleAnswer(
        int axle,
        boolean dual,
        List<TireModel> tires,
        Optional<LoadCurve> curve,
        Optional<String> missing,
        Optional<Maximum> maximum,
        Optional<AxleLoad> load,
        Optional<Double> needPsi,
        double trimFloorPsi,
        List<Candidate> candidates,
        Optional<School> chosen,
        Phrase why,
        Target target,
        Optional<Pressure> warning,
        List<Concern> concerns) {

    public Candidate candidate(School school) {
        return candidates.stream()
                .filter(one -> one.school() == school)
                .findFirst()
                .orElseThrow();
    }

    /** The same with one concern more, the heaviest first. */
    AxleAnswer with(Optional<Concern> concern) {
        if (concern.isEmpty()) {
            return this;
        }
        List<Concern> all = java.util.stream.Stream.concat(concerns.stream(), concern.stream())
                .sorted(java.util.Comparator.comparing(Concern::weight).reversed())
                .toList();
        return new AxleAnswer(
                axle,
                dual,
                tires,
                curve,
                missing,
                maximum,
                load,
                needPsi,
                trimFloorPsi,
                candidates,
                chosen,
                why,
                target,
                warning,
                all);
    }

    /** Whether the answer holds for a tire fitted here: not for one of another size than its mates. */
    boolean speaksFor(TireModel tire) {
        return tires.stream()
                .anyMatch(one -> one.size().molded().equals(tire.size().molded()));
    }

    Target oddSize(TireModel tire) {
        return new Target(
                Optional.empty(),
                Reason.of(
                        Rule.PLACARD,
                        Phrase.of(
                                "{} is fitted beside {}",
                                tire.size().molded(),
                                tires.get(0).size().molded()),
                        Phrase.of(tire.size().molded()),
                        Phrase.of(tires.get(0).size().molded()),
                        "The axle’s pressure doesn’t hold for another size. Put the size right first."));
    }

    /** Whether a threshold would warn lower than today's, or lower than one once did: its mark stays for good. */
    public boolean isLoweredBy(Optional<PressureFacts.Threshold> before, PressureFacts.Threshold set) {
        return before.filter(PressureFacts.Threshold::lowered).isPresent()
                || warning.isPresent()
                        && set.warnsAt(target.pressure())
                                .filter(now -> now.psi() < warning.get().psi() - 0.05)
                                .isPresent();
    }

    /** What one tire carries at the target, in lb. */
    public Optional<Double> capacityAtTargetLb() {
        return curve.flatMap(known -> target.pressure().map(set -> known.capacityLb(set.psi())));
    }

    /** (capacity − load) ÷ capacity at the target. */
    public Optional<Double> reserve() {
        return capacityAtTargetLb().flatMap(capacity -> load.map(known -> (capacity - known.perTireLb()) / capacity));
    }
}
