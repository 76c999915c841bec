package rotagens.core.pressure;

import static rotagens.core.pressure.PressureWords.WORDS;

import java.util.List;
import java.util.Optional;
import rotagens.core.measure.Message;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Reason;
import rotagens.core.measure.Rule;
import rotagens.core.tire.TireModel;

/**
 * Everything there is to say about one axle's pressure.
 *
 * @param tires the models fitted, each once
 * @param curve of the tire that asks for most; empty where it can't be told, {@code missingData} then says why
 * @param load what the axle is known to carry in the state in force
 * @param minimumForLoadPsi the pressure at which capacity equals that load; empty without a load
 * @param chalkTestFloorPsi under this no chalk line goes: the need of the heaviest load on file, without a slip the placard
 * @param chosenMethod the school the target comes from
 * @param reason the ground of that choice
 */
public record AxlePressure(
        int axle,
        boolean isDual,
        List<TireModel> tires,
        Optional<LoadCurve> curve,
        Optional<String> missingData,
        Optional<MaximumPressure> maximum,
        Optional<AxleLoad> load,
        Optional<Double> minimumForLoadPsi,
        double chalkTestFloorPsi,
        List<MethodResult> methodResults,
        Optional<PressureMethod> chosenMethod,
        Message reason,
        TargetPressure target,
        Optional<Pressure> warning,
        List<Notice> notices) {

    /**
     * What one method comes to.
     *
     * @param pressureMethod one of the methods
     * @return what that method comes to here
     */
    public MethodResult methodResult(PressureMethod pressureMethod) {
        return methodResults.stream()
                .filter(one -> one.method() == pressureMethod)
                .findFirst()
                .orElseThrow();
    }

    /** The same with one concern more, the heaviest first. */
    AxlePressure with(Optional<Notice> notice) {
        if (notice.isEmpty()) {
            return this;
        }
        List<Notice> all = java.util.stream.Stream.concat(notices.stream(), notice.stream())
                .sorted(java.util.Comparator.comparing(Notice::severity).reversed())
                .toList();
        return new AxlePressure(
                axle,
                isDual,
                tires,
                curve,
                missingData,
                maximum,
                load,
                minimumForLoadPsi,
                chalkTestFloorPsi,
                methodResults,
                chosenMethod,
                reason,
                target,
                warning,
                all);
    }

    /** Whether the answer holds for a tire fitted here: not for one of another size than its mates. */
    boolean speaksFor(TireModel tire) {
        return tires.stream()
                .anyMatch(one -> one.size().molded().equals(tire.size().molded()));
    }

    TargetPressure oddSize(TireModel tire) {
        return new TargetPressure(
                Optional.empty(),
                Reason.of(
                        Rule.PLACARD,
                        WORDS.message(
                                "isInstalledBeside",
                                "one",
                                tire.size().molded(),
                                "other",
                                tires.get(0).size().molded()),
                        Message.of(tire.size().molded()),
                        Message.of(tires.get(0).size().molded()),
                        WORDS.say("axlesPressureDoesntHold")));
    }

    /**
     * Whether a threshold would warn lower than today's, or lower than one once did: its mark stays for good.
     *
     * @param before the threshold until now; empty where none was set
     * @param set the threshold that is to be set
     * @return whether somebody has to say why
     */
    public boolean isLowerThan(Optional<PressureInputs.WarningThreshold> before, PressureInputs.WarningThreshold set) {
        return before.filter(PressureInputs.WarningThreshold::lowered).isPresent()
                || warning.isPresent()
                        && set.thresholdPressure(target.pressure())
                                .filter(now -> now.psi() < warning.get().psi() - 0.05)
                                .isPresent();
    }

    /**
     * What one tire carries at the target, in lb.
     *
     * @return empty without a target or a curve
     */
    public Optional<Double> capacityAtTargetLb() {
        return curve.flatMap(known -> target.pressure().map(set -> known.capacityLb(set.psi())));
    }

    /**
     * (capacity − load) ÷ capacity at the target.
     *
     * @return a share of 1; under 0 where the load is over it; empty without a target or a load
     */
    public Optional<Double> reserve() {
        return capacityAtTargetLb().flatMap(capacity -> load.map(known -> (capacity - known.perTireLb()) / capacity));
    }
}
