package rotagens.server.machines;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.job.BeadStep;
import rotagens.core.job.Machine;
import rotagens.core.job.ValveClock;
import rotagens.core.measure.Units;
import rotagens.server.machines.Machines.OnFile;
import rotagens.server.web.Version;

@RestController
class MachineController {

    /**
     * One step at a machine.
     *
     * @param clock the valve's place by the machine's sheet, as an hour with the tool at 3; empty without one
     * @param advice where it goes, by the sheet or by our order of schools
     */
    record ValveView(BeadStep step, String words, String clock, String advice) {}

    record MachineView(
            long id,
            int version,
            String name,
            Machine.Kind kind,
            String kindWords,
            String mostTire,
            String leastRim,
            String mostRim,
            String mostWidth,
            List<ValveView> valves,
            boolean retired) {}

    private final Machines machines;

    MachineController(Machines machines) {
        this.machines = machines;
    }

    @GetMapping("/api/machines")
    List<MachineView> all(@RequestParam(defaultValue = "US") Units units) {
        return machines.all().stream().map(one -> view(one, units)).toList();
    }

    private static MachineView view(OnFile one, Units units) {
        Machine machine = one.machine();
        return new MachineView(
                one.id(),
                one.version(),
                machine.name(),
                machine.kind(),
                machine.kind().words(),
                machine.mostTire().map(length -> length.in(units)).orElse(""),
                one.leastRim(),
                one.mostRim(),
                machine.mostWidth().map(length -> length.in(units)).orElse(""),
                Arrays.stream(BeadStep.values())
                        .map(step -> new ValveView(
                                step,
                                step.words(),
                                machine.valves().containsKey(step)
                                        ? String.valueOf(
                                                Machine.clock(machine.valves().get(step)))
                                        : "",
                                advice(step, machine)))
                        .toList(),
                one.retired());
    }

    private static String advice(BeadStep step, Machine machine) {
        ValveClock clock = ValveClock.of(step, java.util.Optional.of(machine));
        return clock.places().isEmpty()
                ? "any place"
                : clock.places().stream()
                        .map(place -> place.clock() + ", " + place.school())
                        .collect(Collectors.joining("; or "));
    }

    @PostMapping("/api/machines")
    @ResponseStatus(HttpStatus.CREATED)
    void add(@RequestParam(defaultValue = "US") Units units, @RequestBody MachineForm typed) {
        machines.add(typed.read(units));
    }

    @PutMapping("/api/machines/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void change(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader("If-Match") String seen,
            @RequestBody MachineForm typed) {
        machines.change(id, Version.seen(seen), typed.read(units));
    }
}
