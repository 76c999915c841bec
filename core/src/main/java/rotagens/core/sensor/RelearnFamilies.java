package rotagens.core.sensor;

import java.util.List;
import rotagens.core.sensor.RelearnProcedure.EndSignal;
import rotagens.core.sensor.RelearnProcedure.Prompt;
import rotagens.core.sensor.RelearnProcedure.Trigger;
import rotagens.core.sensor.RelearnProcedure.Way;
import rotagens.core.vehicle.Layout;
import rotagens.core.vehicle.Side;

/** Ready-made procedures to start from; the vehicle's manual decides, and each can be changed. */
public final class RelearnFamilies {

    private RelearnFamilies() {}

    /** Laid out for a vehicle's axles. */
    public static List<RelearnProcedure> on(Layout layout) {
        return List.of(
                new RelearnProcedure(
                        "Key fob, round by the right",
                        List.of(Way.KEY_FOB, Way.MENU),
                        Prompt.MARKER_LAMP,
                        Trigger.TOOL,
                        EndSignal.HORN_TWICE,
                        RelearnProcedure.round(layout, Side.RIGHT),
                        ""),
                new RelearnProcedure(
                        "Dash menu, round by the left",
                        List.of(Way.MENU, Way.DIAGNOSTIC_TOOL),
                        Prompt.DASH,
                        Trigger.TOOL,
                        EndSignal.DASH,
                        RelearnProcedure.round(layout, Side.LEFT),
                        ""),
                new RelearnProcedure(
                        "Letting air out, round by the right",
                        List.of(Way.KEY_FOB, Way.MENU),
                        Prompt.MARKER_LAMP,
                        Trigger.DEFLATION,
                        EndSignal.HORN_TWICE,
                        RelearnProcedure.round(layout, Side.RIGHT),
                        ""),
                new RelearnProcedure(
                        "Learns on the road",
                        List.of(Way.DRIVE, Way.DIAGNOSTIC_TOOL),
                        Prompt.NONE,
                        Trigger.TOOL,
                        EndSignal.NONE,
                        RelearnProcedure.round(layout, Side.LEFT),
                        "Makers ask for some minutes above town speed."),
                new RelearnProcedure(
                        "Diagnostic tool writes the IDs",
                        List.of(Way.DIAGNOSTIC_TOOL),
                        Prompt.NONE,
                        Trigger.TOOL,
                        EndSignal.DASH,
                        RelearnProcedure.round(layout, Side.LEFT),
                        "IDs as on file under Sensors, or as read with the activation tool."));
    }
}
