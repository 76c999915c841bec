package rotagens.server.demo;

import java.util.Map;
import rotagens.core.planning.Part;
import rotagens.server.parts.PartStore;
import rotagens.server.parts.PartStore.Level;

/** The demo's small parts: every yard keeps its own, Northgate is short of valve cores. */
record DemoParts(PartStore parts, long technician) {

    private static final Map<Part, Level> LEVELS = Map.of(
            Part.STEM, new Level(10, 30),
            Part.GROMMET, new Level(4, 12),
            Part.CORE, new Level(12, 40),
            Part.CAP, new Level(12, 40),
            Part.SENSOR, new Level(2, 6),
            Part.WEIGHT, new Level(100, 400));

    void fill() {
        for (String yard : parts.yards()) {
            LEVELS.forEach((part, level) -> {
                parts.level(yard, part, level);
                boolean isShort = yard.equals("Northgate") && part == Part.CORE;
                parts.counted(yard, part, isShort ? 9 : level.orderUpTo() - 3, technician);
            });
        }
    }
}
