package rotagens.core.sensor;

import static rotagens.core.sensor.SensorWords.WORDS;

import java.util.List;
import rotagens.core.sensor.RelearnProcedure.CornerPrompt;
import rotagens.core.sensor.RelearnProcedure.EndSignal;
import rotagens.core.sensor.RelearnProcedure.EntryMethod;
import rotagens.core.sensor.RelearnProcedure.Trigger;
import rotagens.core.vehicle.AxleLayout;
import rotagens.core.vehicle.Side;

/** Ready-made procedures to start from; the vehicle's manual decides, and each can be changed. */
public final class RelearnTemplates {

    private RelearnTemplates() {}

    /**
     * Laid out for a vehicle's axles.
     *
     * @param axleLayout of the vehicle, for the order of its corners
     * @return those there are, none of them the vehicle’s until somebody chooses it
     */
    public static List<RelearnProcedure> on(AxleLayout axleLayout) {
        return List.of(
                new RelearnProcedure(
                        WORDS.say("keyFobRound"),
                        List.of(EntryMethod.KEY_FOB, EntryMethod.MENU),
                        CornerPrompt.MARKER_LAMP,
                        Trigger.TOOL,
                        EndSignal.HORN_TWICE,
                        RelearnProcedure.round(axleLayout, Side.RIGHT),
                        ""),
                new RelearnProcedure(
                        WORDS.say("dashMenuRound"),
                        List.of(EntryMethod.MENU, EntryMethod.DIAGNOSTIC_TOOL),
                        CornerPrompt.DASH,
                        Trigger.TOOL,
                        EndSignal.DASH,
                        RelearnProcedure.round(axleLayout, Side.LEFT),
                        ""),
                new RelearnProcedure(
                        WORDS.say("lettingAirOutRound"),
                        List.of(EntryMethod.KEY_FOB, EntryMethod.MENU),
                        CornerPrompt.MARKER_LAMP,
                        Trigger.DEFLATION,
                        EndSignal.HORN_TWICE,
                        RelearnProcedure.round(axleLayout, Side.RIGHT),
                        ""),
                new RelearnProcedure(
                        WORDS.say("learnsOnTheRoad"),
                        List.of(EntryMethod.DRIVE, EntryMethod.DIAGNOSTIC_TOOL),
                        CornerPrompt.NONE,
                        Trigger.TOOL,
                        EndSignal.NONE,
                        RelearnProcedure.round(axleLayout, Side.LEFT),
                        WORDS.say("manufacturersRequireSomeMinutesAbove")),
                new RelearnProcedure(
                        WORDS.say("diagnosticToolWritesTheIds"),
                        List.of(EntryMethod.DIAGNOSTIC_TOOL),
                        CornerPrompt.NONE,
                        Trigger.TOOL,
                        EndSignal.DASH,
                        RelearnProcedure.round(axleLayout, Side.LEFT),
                        WORDS.say("idsAsOnFileUnder")));
    }
}
