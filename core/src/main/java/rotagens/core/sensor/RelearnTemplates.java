package rotagens.core.sensor;

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
                        "Key fob, round by the right",
                        List.of(EntryMethod.KEY_FOB, EntryMethod.MENU),
                        CornerPrompt.MARKER_LAMP,
                        Trigger.TOOL,
                        EndSignal.HORN_TWICE,
                        RelearnProcedure.round(axleLayout, Side.RIGHT),
                        ""),
                new RelearnProcedure(
                        "Dash menu, round by the left",
                        List.of(EntryMethod.MENU, EntryMethod.DIAGNOSTIC_TOOL),
                        CornerPrompt.DASH,
                        Trigger.TOOL,
                        EndSignal.DASH,
                        RelearnProcedure.round(axleLayout, Side.LEFT),
                        ""),
                new RelearnProcedure(
                        "Letting air out, round by the right",
                        List.of(EntryMethod.KEY_FOB, EntryMethod.MENU),
                        CornerPrompt.MARKER_LAMP,
                        Trigger.DEFLATION,
                        EndSignal.HORN_TWICE,
                        RelearnProcedure.round(axleLayout, Side.RIGHT),
                        ""),
                new RelearnProcedure(
                        "Learns on the road",
                        List.of(EntryMethod.DRIVE, EntryMethod.DIAGNOSTIC_TOOL),
                        CornerPrompt.NONE,
                        Trigger.TOOL,
                        EndSignal.NONE,
                        RelearnProcedure.round(axleLayout, Side.LEFT),
                        "Manufacturers require some minutes above town speed."),
                new RelearnProcedure(
                        "Diagnostic tool writes the IDs",
                        List.of(EntryMethod.DIAGNOSTIC_TOOL),
                        CornerPrompt.NONE,
                        Trigger.TOOL,
                        EndSignal.DASH,
                        RelearnProcedure.round(axleLayout, Side.LEFT),
                        "IDs as on file under Sensors, or as read with the activation tool."));
    }
}
