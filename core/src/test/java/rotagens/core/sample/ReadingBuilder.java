package rotagens.core.sample;

import java.time.LocalDate;
import java.util.Optional;
import rotagens.core.fact.Reading;
import rotagens.core.fact.ThermalState;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Temperature;
import rotagens.core.wear.GrooveDepths;
import rotagens.core.wear.TreadGrid;
import rotagens.core.wear.TreadInterval;

/** One reading of a tire, of which nothing was read until a test says so. */
public final class ReadingBuilder {

    private final LocalDate on;
    private final String by;
    private Optional<Distance> odometer = Optional.empty();
    private Optional<Pressure> pressure = Optional.empty();
    private ThermalState thermalState = ThermalState.UNKNOWN;
    private GrooveDepths tread = GrooveDepths.UNMEASURED;
    private Optional<Temperature> temperature = Optional.empty();
    private boolean isInflation;
    private Optional<TreadInterval> bound = Optional.empty();
    private Optional<TreadGrid> grid = Optional.empty();

    private ReadingBuilder(LocalDate on, String by) {
        this.on = on;
        this.by = by;
    }

    public static ReadingBuilder read(LocalDate on, String by) {
        return new ReadingBuilder(on, by);
    }

    public ReadingBuilder miles(double miles) {
        odometer = Optional.of(Distance.miles(miles));
        return this;
    }

    public ReadingBuilder pressure(double psi, ThermalState warmth) {
        pressure = Optional.of(Pressure.psi(psi));
        thermalState = warmth;
        return this;
    }

    public ReadingBuilder grooves(double outer, double center, double inner) {
        return tread(GrooveDepths.of32nds(outer, center, inner));
    }

    public ReadingBuilder tread(GrooveDepths depths) {
        tread = depths;
        return this;
    }

    /** At several places round the tire. */
    public ReadingBuilder grid(Optional<TreadGrid> places) {
        grid = places;
        return this;
    }

    /** By wear bar or coin. */
    public ReadingBuilder bound(Optional<TreadInterval> interval) {
        bound = interval;
        return this;
    }

    public ReadingBuilder air(Optional<Temperature> of) {
        temperature = of;
        return this;
    }

    public ReadingBuilder filled(boolean justBefore) {
        isInflation = justBefore;
        return this;
    }

    public Reading build() {
        return new Reading(
                on,
                by,
                odometer,
                pressure,
                thermalState,
                tread,
                temperature,
                isInflation,
                bound,
                Optional.empty(),
                grid,
                Optional.empty());
    }
}
