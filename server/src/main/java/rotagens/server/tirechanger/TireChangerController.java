package rotagens.server.tirechanger;

import static rotagens.server.tirechanger.TirechangerWords.WORDS;

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
import rotagens.core.jobsheet.BeadStep;
import rotagens.core.jobsheet.TireChanger;
import rotagens.core.jobsheet.ValveClock;
import rotagens.core.measure.Units;
import rotagens.server.tirechanger.TireChangerStore.OnFile;
import rotagens.server.web.EntityVersion;

@RestController
class TireChangerController {

    /**
     * One step at a machine.
     *
     * @param clock the valve's place by the machine's sheet, as an hour with the tool at 3; empty without one
     * @param advice where it goes, by the sheet or by our order of schools
     */
    record ValveAdvice(BeadStep step, String label, String clock, String advice) {}

    record TireChangerView(
            long id,
            int version,
            String name,
            TireChanger.TireChangerType type,
            String typeLabel,
            String maxTireDiameter,
            String minRimDiameter,
            String maxRimDiameter,
            String maxWidth,
            List<ValveAdvice> valvePositions,
            boolean retired) {}

    private final TireChangerStore tireChangerStore;

    TireChangerController(TireChangerStore tireChangerStore) {
        this.tireChangerStore = tireChangerStore;
    }

    /** The machines of the shop with their limits. */
    @GetMapping("/api/tire-changers")
    List<TireChangerView> listTireChangers(@RequestParam(defaultValue = "US") Units units) {
        return tireChangerStore.all().stream().map(one -> view(one, units)).toList();
    }

    private static TireChangerView view(OnFile one, Units units) {
        TireChanger tireChanger = one.tireChanger();
        return new TireChangerView(
                one.id(),
                one.version(),
                tireChanger.name(),
                tireChanger.type(),
                tireChanger.type().label(),
                tireChanger
                        .maxTireDiameter()
                        .map(length -> length.format(units))
                        .orElse(""),
                one.minRimDiameter(),
                one.maxRimDiameter(),
                tireChanger.maxWidth().map(length -> length.format(units)).orElse(""),
                Arrays.stream(BeadStep.values())
                        .map(step -> new ValveAdvice(
                                step,
                                step.label(),
                                tireChanger.valvePositions().containsKey(step)
                                        ? String.valueOf(TireChanger.clock(
                                                tireChanger.valvePositions().get(step)))
                                        : "",
                                advice(step, tireChanger)))
                        .toList(),
                one.retired());
    }

    private static String advice(BeadStep step, TireChanger tireChanger) {
        ValveClock clock = ValveClock.of(step, java.util.Optional.of(tireChanger));
        return clock.valvePositions().isEmpty()
                ? WORDS.say("anyPlace")
                : clock.valvePositions().stream()
                        .map(valvePosition -> valvePosition.clock() + ", " + valvePosition.technique())
                        .collect(Collectors.joining(WORDS.say("or")));
    }

    /** Adds a tire changer with its limits. */
    @PostMapping("/api/tire-changers")
    @ResponseStatus(HttpStatus.CREATED)
    void addTireChanger(@RequestParam(defaultValue = "US") Units units, @RequestBody TireChangerRequest typed) {
        tireChangerStore.add(typed.read(units));
    }

    /** Changes a tire changer’s limits. */
    @PutMapping("/api/tire-changers/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void changeTireChanger(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader("If-Match") String seen,
            @RequestBody TireChangerRequest typed) {
        tireChangerStore.change(id, EntityVersion.seen(seen), typed.read(units));
    }
}
