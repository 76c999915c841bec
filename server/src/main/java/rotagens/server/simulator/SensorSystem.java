package rotagens.server.simulator;

import java.util.List;
import java.util.Optional;
import rotagens.core.measure.Pressure;
import rotagens.core.sensor.RelearnEvent;
import rotagens.core.sensor.RelearnProcedure.EntryMethod;
import rotagens.core.vehicle.Position;

/**
 * A vehicle's sensor system with an activation tool, as the relearn coach uses it. A real device takes the place of the simulated
 * one by answering these calls; what it answers goes into the log as if a person had seen and heard it.
 */
public interface SensorSystem {

    /**
     * What the dash shows now.
     *
     * @param lamp the corner whose marker lamp is lit
     * @param lowPressure whether the low-pressure lamp is on
     * @param corners the pressure shown at each corner named; empty where the dash has no figure
     */
    record Dash(
            boolean ignition,
            boolean learning,
            Optional<Position> lamp,
            int hornOnce,
            int hornTwice,
            boolean lowPressure,
            List<Shown> corners) {}

    /** One corner on the dash. */
    record Shown(Position corner, Optional<Pressure> pressure) {}

    /** Turns the ignition on or off; off ends learn mode. */
    void ignition(boolean on);

    /** Tries to get into learn mode. */
    List<RelearnEvent> enter(EntryMethod entryMethod);

    /** Holds the activation tool at a valve, or lets air out there. */
    List<RelearnEvent> trigger(Position corner, boolean byAir);

    /** Lets time pass until learn mode times out. */
    List<RelearnEvent> waitTooLong();

    /** What the dash shows. */
    Dash dash();
}
