package rotagens.core.alert;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rotagens.core.fact.InForce;
import rotagens.core.fact.Reading;
import rotagens.core.fact.ThermalState;
import rotagens.core.fact.TireFact;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.Temperature;
import rotagens.core.measure.TreadDepth;
import rotagens.core.sample.ReadingBuilder;
import rotagens.core.vehicle.LoadState;
import rotagens.core.wear.GrooveDepths;
import rotagens.core.wear.TreadGrid;
import rotagens.core.wear.TreadInterval;

/** A tire’s ledger as a test writes it, line by line, and what it comes to. */
abstract class TireLedgerFixture {

    static final LocalDate DAY = LocalDate.of(2027, 3, 1);

    final List<TireFact> ledger = new ArrayList<>();

    InForce inForce = inForce(100, LoadState.NORMAL);

    static InForce inForce(double target, LoadState state) {
        return new InForce(
                Optional.of(Pressure.psi(target)),
                state,
                Optional.of(Pressure.psi(85)),
                Optional.of(Pressure.psi(120)),
                Optional.of(TreadDepth.of32nds(2)),
                Optional.of(TreadDepth.of32nds(3)),
                7);
    }

    TireAlerts now() {
        return TireAlerts.fold(ledger);
    }

    boolean isOpen(AlertKind kind) {
        return now().open(kind).isPresent();
    }

    TireLedgerFixture read(int day, double psi, ThermalState thermalState, boolean filled, Optional<Temperature> at) {
        return add(ReadingBuilder.read(DAY.plusDays(day), "Ana")
                .pressure(psi, thermalState)
                .air(at)
                .filled(filled)
                .build());
    }

    TireLedgerFixture cold(int day, double psi) {
        return read(day, psi, ThermalState.COLD, false, Optional.empty());
    }

    TireLedgerFixture at60(int day, double psi) {
        return read(day, psi, ThermalState.COLD, false, Optional.of(Temperature.f(60)));
    }

    TireLedgerFixture fill(int day, double psi) {
        return read(day, psi, ThermalState.COLD, true, Optional.of(Temperature.f(60)));
    }

    TireLedgerFixture add(Reading reading) {
        ledger.add(new TireFact.Read(reading.with(inForce)));
        return this;
    }

    TireLedgerFixture does(TireFact fact) {
        ledger.add(fact);
        return this;
    }

    static Reading tread(int day, GrooveDepths grooveDepths, Optional<TreadGrid> grid, Optional<TreadInterval> bound) {
        return ReadingBuilder.read(DAY.plusDays(day), "Ana")
                .tread(grooveDepths)
                .grid(grid)
                .bound(bound)
                .build();
    }

    TireLedgerFixture grooves(int day, double outer, double center, double inner) {
        return add(tread(day, GrooveDepths.of32nds(outer, center, inner), Optional.empty(), Optional.empty()));
    }

    TireLedgerFixture places(int day, double[]... places) {
        TreadGrid grid = new TreadGrid(java.util.Arrays.stream(places)
                .map(place -> java.util.Arrays.stream(place)
                        .mapToObj(TreadDepth::of32nds)
                        .toList())
                .toList());
        return add(tread(day, grid.zones(), Optional.of(grid), Optional.empty()));
    }
}
