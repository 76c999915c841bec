package rotagens.core.job;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import rotagens.core.measure.Phrase;

/** Whether the shop's tire changers take the assemblies of a job: said before the vehicle is lifted. */
public final class MachineFit {

    private MachineFit() {}

    /** One warning for each wheel whose assembly fits no machine here, or not the one chosen. */
    public static List<Phrase> warnings(JobFacts facts) {
        List<Phrase> warnings = new ArrayList<>();
        for (WheelWork wheel : facts.wheels()) {
            if (!wheel.task().breaksBead() || wheel.assembly().isEmpty()) {
                continue;
            }
            Machine.Assembly assembly = wheel.assembly().get();
            if (facts.machines().isEmpty()) {
                warnings.add(Phrase.of(
                        "{}: no tire changer is on file, so nobody can say whether this assembly fits one.",
                        wheel.position().code()));
                continue;
            }
            List<Machine> fitting = facts.machines().stream()
                    .filter(machine -> machine.against(assembly).isEmpty())
                    .toList();
            if (fitting.isEmpty()) {
                Machine nearest = facts.machines().get(0);
                warnings.add(Phrase.of(
                        "{}: fits no tire changer here: {}. Send it out before anything is lifted.",
                        wheel.position().code(),
                        nearest.against(assembly).get(0)));
            } else if (facts.machine().isPresent()
                    && !fitting.contains(facts.machine().get())) {
                warnings.add(Phrase.of(
                        "{}: {}. Take {}.",
                        wheel.position().code(),
                        facts.machine().get().against(assembly).get(0),
                        fitting.stream().map(Machine::name).collect(Collectors.joining(" or "))));
            } else {
                facts.machine()
                        .flatMap(machine -> machine.unknown(assembly).stream().findFirst())
                        .ifPresent(unknown -> warnings.add(Phrase.of(
                                "{}: {}, so the fit isn’t proven. Read the plate and measure first.",
                                wheel.position().code(),
                                unknown)));
            }
        }
        return List.copyOf(warnings);
    }
}
