package rotagens.core.jobsheet;

import static rotagens.core.jobsheet.JobsheetWords.WORDS;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import rotagens.core.measure.Message;

/** Whether the shop's tire changers take the assemblies of a job: said before the vehicle is lifted. */
public final class TireChangerCheck {

    private TireChangerCheck() {}

    /**
     * One warning for each wheel whose assembly fits no machine here, or not the one chosen.
     *
     * @param facts the sheet’s wheels and the shop’s machines
     * @return in words, wheel by wheel
     */
    public static List<Message> warnings(JobSheetInputs facts) {
        List<Message> warnings = new ArrayList<>();
        for (WheelJob wheel : facts.wheels()) {
            if (!wheel.task().breaksBead() || wheel.assembly().isEmpty()) {
                continue;
            }
            TireChanger.Assembly assembly = wheel.assembly().get();
            if (facts.tireChangers().isEmpty()) {
                warnings.add(WORDS.message(
                        "noTireChanger", "position", wheel.position().code()));
                continue;
            }
            List<TireChanger> fitting = facts.tireChangers().stream()
                    .filter(tireChanger -> tireChanger.violations(assembly).isEmpty())
                    .toList();
            if (fitting.isEmpty()) {
                TireChanger nearest = facts.tireChangers().get(0);
                warnings.add(WORDS.message(
                        "fitsNoTireChangerHere",
                        "position",
                        wheel.position().code(),
                        "violations",
                        nearest.violations(assembly).get(0)));
            } else if (facts.tireChanger().isPresent()
                    && !fitting.contains(facts.tireChanger().get())) {
                warnings.add(WORDS.message(
                        "take",
                        "position",
                        wheel.position().code(),
                        "violations",
                        facts.tireChanger().get().violations(assembly).get(0),
                        "fitting",
                        fitting.stream().map(TireChanger::name).collect(Collectors.joining(WORDS.say("or")))));
            } else {
                facts.tireChanger()
                        .flatMap(tireChanger ->
                                tireChanger.unknown(assembly).stream().findFirst())
                        .ifPresent(unknown -> warnings.add(WORDS.message(
                                "soItIsNotCertain", "position", wheel.position().code(), "unknown", unknown)));
            }
        }
        return List.copyOf(warnings);
    }
}
