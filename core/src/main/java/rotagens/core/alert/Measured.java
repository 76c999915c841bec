package rotagens.core.alert;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import rotagens.core.fact.Reading;
import rotagens.core.measure.TreadDepth;
import rotagens.core.wear.GrooveDepths;
import rotagens.core.wear.TreadGrid;

/** Which grooves a reading measured, how closely, and the lowest depth of each. */
final class Measured {

    /** Where only a lowest depth was kept, it came from at least so many places. */
    private static final int PLACES_OF_OLD_GRIDS = 2;

    private Measured() {}

    static List<Groove> of(Reading reading) {
        return reading.treadGrid()
                .map(grid -> ofGrid(reading, grid))
                .orElseGet(() -> ofThree(reading, reading.tread()));
    }

    private static List<Groove> ofGrid(Reading reading, TreadGrid grid) {
        List<Groove> measured = new ArrayList<>();
        int last = grid.grooves() - 1;
        measured.add(zone(reading, grid, Groove.Zone.OUTER, 0, 0));
        if (last > 1) {
            measured.add(zone(reading, grid, Groove.Zone.CENTER, 1, last - 1));
        }
        measured.add(zone(reading, grid, Groove.Zone.INNER, last, last));
        return measured;
    }

    private static Groove zone(Reading reading, TreadGrid grid, Groove.Zone zone, int from, int to) {
        TreadDepth lowest = grid.locations().stream()
                .flatMap(place -> place.subList(from, to + 1).stream())
                .min(TreadDepth::compareTo)
                .orElseThrow();
        return new Groove(zone, lowest, to - from + 1, grid.locations().size(), reading.on(), reading.by());
    }

    private static List<Groove> ofThree(Reading reading, GrooveDepths grooveDepths) {
        List<Groove> measured = new ArrayList<>();
        add(measured, reading, Groove.Zone.OUTER, grooveDepths.outer(), 1);
        add(measured, reading, Groove.Zone.CENTER, grooveDepths.center(), 1);
        add(measured, reading, Groove.Zone.INNER, grooveDepths.inner(), 1);
        add(measured, reading, Groove.Zone.ANYWHERE, grooveDepths.lowestAnywhere(), PLACES_OF_OLD_GRIDS);
        return measured;
    }

    private static void add(
            List<Groove> measured, Reading reading, Groove.Zone zone, Optional<TreadDepth> depth, int places) {
        depth.ifPresent(read -> measured.add(new Groove(zone, read, 1, places, reading.on(), reading.by())));
    }
}
