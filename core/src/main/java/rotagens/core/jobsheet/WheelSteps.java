package rotagens.core.jobsheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import rotagens.core.inspection.RemovedTire;
import rotagens.core.measure.Message;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Units;
import rotagens.core.policy.PolicyNumber;
import rotagens.core.tire.TireModel;
import rotagens.core.vehicle.PilotType;
import rotagens.core.vehicle.WheelSpec;

/** The steps at one wheel, in the order of the work. */
final class WheelSteps {

    private static final String LUBRICANT =
            "Lubricant with rust inhibitor, thin and complete, both beads and the rim where they touch; no puddles. {}";
    private static final String NO_PETROLEUM = "Never petroleum or solvent as lubricant: it burns when the beads seat.";
    private static final String SOAP = " Soap at valve, both beads and the repair. Metal or flow-through cap on.";
    private static final double SUPPLY_IMPURITY = 2;
    private static final Pressure CAGE_OVER = Pressure.psi(StepInput.BeadSeatingInput.OPEN_MOST_PSI);

    private final JobSheetInputs facts;
    private final WheelJob wheel;
    private final WheelTask task;
    private final List<Step> steps = new ArrayList<>();

    WheelSteps(JobSheetInputs facts, WheelJob wheel) {
        this.facts = facts;
        this.wheel = wheel;
        this.task = wheel.task();
    }

    List<Step> all() {
        if (task == WheelTask.PRESSURE) {
            pressureService();
        }
        if (task == WheelTask.MATE) {
            mate();
        }
        if (task.lifts()) {
            off();
        }
        if (task.breaksBead()) {
            beadOff();
            prepare();
            if (endsHere()) {
                return steps;
            }
            mount();
        }
        if (task.lifts() || task == WheelTask.RETORQUE) {
            fit();
        }
        rest();
        return steps;
    }

    private void pressureService() {
        if (wheel.suspect()) {
            lookInside();
            if (wheel.condemned()) {
                return;
            }
        }
        step(
                StepCode.FILL,
                Message.of(
                        "Cold, parked 3 hours: gauge, {}, gauge again, cap on.",
                        wheel.target()
                                .<Object>map(target -> Message.of("set to {}", target))
                                .orElse("find its target first")),
                "Never bleed a hot tire. Stand to the side of the valve, never in line with it.",
                new StepInput.ColdPressureInput(wheel.target(), wheel.maximum()));
    }

    /** A dual's mate goes down with it, and comes back to its target: let down or empty it carries nothing. */
    private void mate() {
        step(
                StepCode.DEFLATE_FIRST,
                Message.of(
                        "Core of {} out and all its air out, too, before the first nut of the dual is loosened.",
                        wheel.position().code()),
                "The core can shoot out: hold it through the last threads, face away.",
                new StepInput.Confirmation());
        if (wheel.suspect()) {
            lookInside();
            if (wheel.condemned()) {
                return;
            }
        }
        step(
                StepCode.FILL,
                Message.of(
                        "With the nuts of the dual torqued: new core in, {}, gauge it, cap on.",
                        wheel.target()
                                .<Object>map(target -> Message.of("fill to {} cold", target))
                                .orElse("find its target first, then fill")),
                "Clip-on chuck and remote valve; everyone out of the trajectory of both tires.",
                new StepInput.ColdPressureInput(wheel.target(), wheel.maximum()));
    }

    /** A condemned tire isn't mounted again; where another one goes on anyway, the work goes on. */
    private boolean endsHere() {
        return wheel.condemned() && task != WheelTask.NEW_TIRE;
    }

    private void lookInside() {
        step(
                StepCode.LOOK_INSIDE,
                Message.of(
                        "It ran at 80% of its target or less: no air on the vehicle. Deflate, demount, and have it looked at inside."),
                "A tire run flat can burst while it is filled (29 CFR 1910.177).",
                new StepInput.ProfessionalVerdictInput());
    }

    private void off() {
        boolean emptyFirst = wheel.suspect() || wheel.dual();
        if (emptyFirst) {
            step(
                    StepCode.DEFLATE_FIRST,
                    Message.of(
                            wheel.dual()
                                    ? "Core out and all air out, before the first nut of the dual is loosened."
                                    : "Danger: This tire ran low or may be damaged and can explode. Remove the valve core and all air before loosening the first nut."),
                    "The core can shoot out: hold it through the last threads, face away.",
                    new StepInput.Confirmation());
        }
        if (task == WheelTask.LOOSE_WHEEL) {
            step(
                    StepCode.STANDS,
                    Message.of("Jack at the axle’s point, stands under it before the wheel comes off."),
                    "Never under a load held by a jack.",
                    new StepInput.Confirmation());
        }
        step(
                StepCode.WHEEL_OFF,
                Message.of(
                        "Nuts off{}{}, wheel down{}.",
                        wheel.wheel().isLeftThreaded() ? " (left-hand thread)" : "",
                        wheel.wheel()
                                .pilotType()
                                .map(pilot -> pilot == PilotType.HUB
                                        ? ", two-piece flanged nuts kept together"
                                        : ", bevelled nuts kept apart from any others")
                                .orElse(", look which way the wheel is piloted"),
                        facts.light() ? "" : " with hoist or wheel lift"),
                facts.light() ? null : "Two people for the big nuts. No one under the assembly.",
                twoPeople());
        if (task.breaksBead() && (!emptyFirst || wheel.found().reseated())) {
            step(
                    StepCode.CORE_OUT,
                    Message.of(
                            wheel.found().reseated()
                                    ? "Core out and all air out again, before a bead is touched."
                                    : "Core out and all air out, before a bead is touched."),
                    "The core can shoot out: hold it through the last threads, face away.",
                    new StepInput.Confirmation());
        }
    }

    private void beadOff() {
        if (task == WheelTask.SENSOR_IN_PLACE) {
            step(
                    StepCode.PUSH_BEAD_DOWN,
                    Message.of(
                            "Break {} bead, push it down beside the valve and hold it there with blocks.",
                            sensorSide()),
                    "Warning: A bead can spring back and crush fingers. Keep hands clear.",
                    new StepInput.Confirmation(),
                    BeadStep.BREAK_FRONT);
            return;
        }
        step(
                StepCode.BREAK_BEAD,
                Message.of(
                        "Break both beads, {} first, the opposite bead down in the drop center.{} A bead that seats again is broken again.",
                        sensorSide(),
                        isCenterClamp() ? " The rear bead all round before clamping outside." : ""),
                wheel.insideSensor()
                        ? Message.of("The {} breaks a sensor it meets: valve as the clock shows.", breaker())
                                .in(Units.US)
                        : null,
                new StepInput.Confirmation(),
                BeadStep.BREAK_FRONT);
        step(
                StepCode.DEMOUNT,
                Message.of(
                        "{}Narrow side up{}, valve as the clock shows; top bead, then bottom bead. If the bead’s path fouls at the {}, stop.{}",
                        clamping(),
                        wheel.wheel().isReversed() ? ": a reversed wheel face down" : "",
                        head(),
                        goesAway() ? " Mark the old tire with its number and its position." : ""),
                isCenterClamp() ? "Don’t turn the wheel while the bead is pulled up." : null,
                clamped(new FindingInputs.BeadInput(task.keepsTire(), false)),
                BeadStep.DEMOUNT_TOP,
                BeadStep.DEMOUNT_BOTTOM);
    }

    private StepInput clamped(StepInput beads) {
        return machine().filter(TireChanger.TireChangerType::hasJaws).isPresent()
                ? new StepInput.Both(beads, FindingInputs.clamped())
                : beads;
    }

    private Optional<TireChanger.TireChangerType> machine() {
        return facts.tireChanger().map(TireChanger::type);
    }

    private boolean isCenterClamp() {
        return machine()
                .filter(TireChanger.TireChangerType.CENTER_CLAMP::equals)
                .isPresent();
    }

    private String breaker() {
        return machine().map(TireChanger.TireChangerType::breaker).orElse("bead breaker");
    }

    private String head() {
        return machine().map(TireChanger.TireChangerType::head).orElse("head");
    }

    /** How this machine holds a wheel without marking it, or letting it jump off. */
    private String clamping() {
        return machine().filter(TireChanger.TireChangerType::hasJaws).isPresent()
                ? "Clamp from outside, jaw covers on; from inside only with sound jaws: off worn points the wheel jumps. "
                : "";
    }

    /** On a reversed wheel the sensor's side is the other one; until the wheel is read, keep clear on both. */
    private String sensorSide() {
        if (!wheel.insideSensor()) {
            return "the narrow side";
        }
        return wheel.wheel().equals(WheelSpec.UNKNOWN)
                ? "clear of the sensor on both sides, the narrow side"
                : wheel.wheel().isReversed()
                        ? "the back, where a reversed wheel has its sensor,"
                        : "the front, the sensor’s side,";
    }

    private void prepare() {
        if (wheel.suspect() && task != WheelTask.NEW_TIRE && !wheel.found().torn()) {
            step(
                    StepCode.LOOK_INSIDE,
                    Message.of(
                            "A tire professional looks inside: creases, rubber dust, discolored liner. Condemned, it doesn’t go back."),
                    null,
                    new StepInput.ProfessionalVerdictInput());
        }
        if (endsHere()) {
            step(
                    StepCode.RECORD_WORK,
                    Message.of(
                            wheel.found().torn()
                                    ? "Its bead is torn: mark it, set it aside for scrap, and schedule its replacement."
                                    : "Condemned: mark it, set it aside for scrap, and schedule its replacement."),
                    null,
                    new StepInput.TextInput("note", "Where it lies", true));
            return;
        }
        cleanWheel(
                "Steel brush; look for cracks and bent flanges; bare metal painted. New tire clean and dry inside. Then a new stem or grommet, centered, and core; the stem nut by torque wrench, not by feel.");
        if (task == WheelTask.REPLACE_WHEEL) {
            step(
                    StepCode.PILOT_TYPE,
                    Message.of("Look at stud holes and nuts of the wheel that goes on."),
                    "Hub- and stud-piloted parts look alike and never interchange.",
                    new StepInput.PilotTypeInput());
        }
        if (task.newSensor()) {
            step(
                    StepCode.INSTALL_SENSOR,
                    Message.of("New sensor in, its ID read off before it disappears."),
                    null,
                    new StepInput.SensorIdInput());
        }
        if (task == WheelTask.NEW_TIRE && !task.newSensor()) {
            wheel.sensorWithTire()
                    .ifPresent(
                            why -> step(StepCode.SENSOR_WITH_TIRE, why, null, new FindingInputs.SensorWithTireInput()));
        }
        if (!task.tireOff()) {
            step(StepCode.LUBRICATE, lubricant(), NO_PETROLEUM, new StepInput.Confirmation());
            return;
        }
        step(
                StepCode.MOUNT,
                Message.of(
                        "{} {} Bottom bead, then top bead, valve as the clock shows so that the bead passes the sensor last.{}",
                        lubricant(),
                        index(),
                        isCenterClamp()
                                ? " At the end unlock the center shaft, then relieve the pressure, only then pull the cone."
                                : ""),
                Message.of("{} Hands clear of the {}. {}", NO_PETROLEUM, head(), build().start())
                        .in(Units.US),
                new StepInput.Both(new FindingInputs.BeadInput(task.keepsTire(), true), FindingInputs.indexed()),
                BeadStep.MOUNT_BOTTOM,
                BeadStep.MOUNT_TOP);
    }

    private BeadBuild build() {
        return BeadBuild.of(wheel.model());
    }

    private Message lubricant() {
        return Message.of(LUBRICANT, build().lubricant());
    }

    private void cleanWheel(String does) {
        step(
                StepCode.CLEAN_WHEEL,
                Message.of(does),
                "A wheel that is cracked, bent or worn at its holes can let go: it is never used again unrepaired.",
                new FindingInputs.WheelInput());
    }

    /** A gap too wide to take air is closed by the blast, as this machine has it. */
    private String blast() {
        if (machine().filter(TireChanger.TireChangerType::hasJaws).isEmpty()) {
            return "";
        }
        return wheel.wheel().isReversed()
                ? " For the blast a turned-over wheel stays clamped."
                : " The jaws’ blast starts on the jaws; unclamp as soon as the bead takes air.";
    }

    /** The big nuts of a heavy vehicle take two, each by name. */
    private StepInput twoPeople() {
        return facts.light() ? new StepInput.Confirmation() : new FindingInputs.SecondPersonInput(facts.people());
    }

    /** The arrow comes first; then a mark at the valve; the DOT date outward. */
    private Message index() {
        boolean directional =
                wheel.model().filter(model -> model.isDirectional()).isPresent();
        return Message.of(
                "{}One mark on the tire to the valve, with more follow its manufacturer; DOT date outward, by the valve where no balance mark claims that place.",
                directional ? "Directional: the arrow first, the way it rolls on this side. " : "");
    }

    private void mount() {
        step(
                StepCode.SEAT,
                Message.of(
                        "Unclamped, resting free: air until both beads seat, core out for a strong rush. Not over {} outside a cage.{}",
                        CAGE_OVER,
                        blast()),
                "Out of the trajectory, hands off the bead. A gap too wide to take air: more lubricant and the machine’s blast.",
                new StepInput.BeadSeatingInput());
        step(
                StepCode.BEAD_GAP,
                Message.of("Gap between flange and molded ring at four even places or more, front and back."),
                null,
                new StepInput.BeadGapInput());
        boolean caged =
                wheel.target().filter(target -> target.psi() > CAGE_OVER.psi()).isPresent()
                        || wheel.target().isEmpty();
        if (caged) {
            step(
                    StepCode.CAGE,
                    Message.of("Place the assembly in the cage or restraint. Use a clip-on chuck and a remote valve."),
                    "Danger: An exploding tire kills. Inflate above 40 psi only in the cage, with everyone out of the trajectory.",
                    new StepInput.Confirmation());
        }
        StepInput cold = new StepInput.ColdPressureInput(wheel.target(), wheel.maximum());
        step(
                StepCode.FILL,
                wheel.target()
                        .map(target -> Message.of(
                                "Core in. Inflate to {} cold, and check it.{}", target, facts.nitrogen() ? "" : SOAP))
                        .orElse(Message.of(
                                "Core in. No target on file: derive it under Load & pressure first, then check it.{}",
                                facts.nitrogen() ? "" : SOAP)),
                null,
                facts.nitrogen() ? cold : new StepInput.Both(cold, new FindingInputs.LeakInput()));
        if (facts.nitrogen()) {
            step(
                    StepCode.NITROGEN,
                    Message.of("{}{}", nitrogen(), SOAP),
                    null,
                    new StepInput.Both(
                            new StepInput.NitrogenInput(facts.policy().number(PolicyNumber.NITROGEN_PURITY)),
                            new FindingInputs.LeakInput()));
        }
    }

    private Message nitrogen() {
        double purity = facts.policy().number(PolicyNumber.NITROGEN_PURITY);
        OptionalInt fills = wheel.target().isEmpty()
                ? OptionalInt.empty()
                : NitrogenPurge.fillsTo(
                        purity, SUPPLY_IMPURITY, wheel.target().get().psi());
        return Message.of(
                "Purge to {}% or better, mark the valve. {}",
                Math.round(purity),
                fills.isPresent()
                        ? "From a supply of 98% the forecast is " + fills.getAsInt()
                                + (fills.getAsInt() == 1 ? " fill" : " fills")
                                + " from empty; the analyser decides."
                        : "The analyser decides.");
    }

    private void fit() {
        if (task == WheelTask.LOOSE_WHEEL) {
            if (wheel.suspect()) {
                lookInside();
            }
            cleanWheel(
                    "Look at stud holes, faces and flanges, and at every stud and nut: what is worn or stretched goes.");
        }
        if (task.lifts()) {
            if (task.breaksBead()) {
                step(
                        StepCode.BALANCE,
                        Message.of("Balance; turned 180° on the wheel only to cure it."),
                        null,
                        new BalanceInput());
            }
            step(
                    StepCode.HAND_START_NUTS,
                    Message.of(
                            "Hub and faces clean and dry.{} All nuts by hand first.{}",
                            wheel.dual() ? " Duals: valves 180° apart, both reachable." : "",
                            nutWords()),
                    facts.light() ? null : "Two people: one holds the wheel until every nut has caught.",
                    twoPeople());
        }
        tighten();
        if (task.readsDot()) {
            dot();
        }
        if (task == WheelTask.MOVE_ASSEMBLY || task == WheelTask.LOOSE_WHEEL && (wheel.dual() || wheel.suspect())) {
            step(
                    StepCode.FILL,
                    wheel.target()
                            .map(target -> Message.of("Cold, to this position’s target: {}.", target))
                            .orElse(Message.of(
                                    "No target on file for this position: check it, and derive its target.")),
                    null,
                    new StepInput.ColdPressureInput(wheel.target(), wheel.maximum()));
        }
    }

    /** What went where, the tire that came off too: asked once, however often the bead was broken on the way. */
    private void dot() {
        StepInput code = new StepInput.DotOfInstalledTireInput();
        StepInput newTire = task == WheelTask.NEW_TIRE ? new StepInput.Both(code, tread()) : code;
        step(
                StepCode.DOT_OF_INSTALLED,
                Message.of(
                        "Read the DOT code of the tire that is at {} now{}.{}{}",
                        wheel.position().code(),
                        task == WheelTask.NEW_TIRE ? ", and measure its tread" : "",
                        onRecordAs(),
                        whereTo()),
                null,
                goesAway() ? new StepInput.Both(newTire, new FindingInputs.OldTireInput(wheel.oldTireMay())) : newTire);
    }

    private StepInput tread() {
        return new StepInput.TreadOfInstalledTireInput(wheel.model().flatMap(TireModel::originalDepth));
    }

    private boolean goesAway() {
        return task == WheelTask.NEW_TIRE && !wheel.oldTireMay().isEmpty();
    }

    private Message onRecordAs() {
        return task == WheelTask.NEW_TIRE && wheel.model().isPresent()
                ? Message.of(
                        " It goes on record as {}: if its sidewall says another, choose that one for this work first.",
                        wheel.model().get().title())
                : Message.of("");
    }

    private String whereTo() {
        if (!goesAway()) {
            return "";
        }
        return wheel.oldTireMay().contains(RemovedTire.Destination.STOCK)
                ? " Say where the old tire goes."
                : " By its age, tread or casing the old tire doesn’t go back into stock: say where it goes.";
    }

    private String nutWords() {
        return wheel.wheel()
                .pilotType()
                .map(pilot -> pilot == PilotType.HUB
                        ? " Hub-piloted: two-piece flanged nuts with washer, never the bevelled ones."
                        : " Stud-piloted: bevelled nuts, never the flanged ones.")
                .orElse(" Only the nuts that belong to this wheel.");
    }

    /** Half, full and one pass round are one step: what is recorded is the full torque, on every nut. */
    private void tighten() {
        Optional<Integer> nuts = wheel.wheel().lugCount().isPresent()
                ? Optional.of(wheel.wheel().lugCount().getAsInt())
                : Optional.empty();
        StepInput.TorqueInput torque = new StepInput.TorqueInput(wheel.wheel().torque(), nuts, facts.wrenches());
        step(
                StepCode.TORQUE_PASS,
                wheel.wheel()
                        .torque()
                        .map(full -> task.lifts()
                                ? Message.of(
                                        "In the star’s order: first half of it, then full torque, {}, then one pass round.",
                                        full)
                                : Message.of("Each nut in the star’s order: {}.", full))
                        .orElse(Message.of(
                                "{}The wheel’s torque isn’t on file: take it from its manufacturer’s data.",
                                task.lifts()
                                        ? "In the star’s order: first half of it, then full torque, then one pass round. "
                                        : "Each nut in the star’s order. ")),
                null,
                task == WheelTask.RETORQUE
                        ? new FindingInputs.NutsInput(torque, facts.policy().number(PolicyNumber.RETORQUE_TURN))
                        : torque);
    }

    private void rest() {
        switch (task) {
            case CORRECT_CAUSE ->
                step(
                        StepCode.CORRECT_CAUSE,
                        Message.of(
                                "Pressures first, then tread, joints and shocks, balance. Fix what is worn before anything is set."),
                        null,
                        new StepInput.TextInput("note", "What was found and fixed", true));
            case BEAD_LEAK ->
                step(
                        StepCode.CORRECT_CAUSE,
                        Message.of("Where did it leak: bead, valve, rim, puncture?"),
                        null,
                        new StepInput.LeakRepairInput());
            case VERDICT ->
                step(
                        StepCode.PROFESSIONAL_VERDICT,
                        Message.of("A qualified tire professional looks at the whole tire."),
                        null,
                        new StepInput.ProfessionalVerdictInput());
            case OTHER ->
                step(
                        StepCode.RECORD_WORK,
                        Message.of("Do it, and say what was done."),
                        null,
                        new StepInput.TextInput("note", "What was done", true));
            case TREAD ->
                step(StepCode.TREAD_OF_INSTALLED, Message.of("Gauge the tread in three grooves."), null, tread());
            case DOT -> dot();
            case RECORD -> {
                step(
                        StepCode.TREAD_OF_INSTALLED,
                        Message.of("Measure the tread of the installed tire."),
                        null,
                        tread());
                dot();
                step(
                        StepCode.COLD_CHECK,
                        Message.of("Check cold pressure."),
                        null,
                        new StepInput.ColdPressureInput(Optional.empty(), wheel.maximum()));
            }
            case WHEEL_OFF ->
                step(
                        StepCode.RECORD_WORK,
                        Message.of(
                                "What was repaired, how and by whom: tread crown only, plug and patch from inside, by a qualified person."),
                        null,
                        new StepInput.TextInput("note", "What was repaired", true));
            case PRESSURE,
                    NEW_TIRE,
                    MOVE_ASSEMBLY,
                    REMOUNT,
                    SENSOR_IN_PLACE,
                    SENSOR_DISMOUNT,
                    REPLACE_WHEEL,
                    RETORQUE,
                    LOOSE_WHEEL,
                    MATE -> {
                // Everything these want has been read above.
            }
        }
    }

    private void step(StepCode code, Message does, String caution, StepInput stepInput) {
        step(code, does, caution, stepInput, new BeadStep[0]);
    }

    private void step(StepCode code, Message does, String caution, StepInput stepInput, BeadStep... beads) {
        steps.add(new Step(
                code,
                Optional.of(wheel.position()),
                does,
                Optional.ofNullable(caution).map(text -> Message.of(text)),
                stepInput,
                List.of(beads)));
    }
}
