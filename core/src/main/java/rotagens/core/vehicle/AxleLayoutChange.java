package rotagens.core.vehicle;

import static rotagens.core.vehicle.VehicleWords.WORDS;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import rotagens.core.vehicle.Position.OnAxle;

/**
 * What changing a vehicle's layout would do to the tires on it. A tire is never moved by redrawing the vehicle: a position that
 * goes away with a tire on it stops the change, and one that changes its meaning is said before it happens.
 *
 * @param blocked positions that would go away while a tire is on them
 * @param effects what changes its meaning for tires that stay, in words
 */
public record AxleLayoutChange(List<Position> blocked, List<String> effects) {

    /**
     * Compares two layouts; {@code occupied} are the positions that hold a tire today.
     *
     * @param before the layout on file
     * @param after the layout that is drawn
     * @param occupied positions with a tire on them
     * @return nothing blocked and no effect where nothing changes for a tire
     */
    public static AxleLayoutChange between(AxleLayout before, AxleLayout after, Set<Position> occupied) {
        List<Position> blocked = new ArrayList<>();
        Set<String> effects = new LinkedHashSet<>();
        for (Position position : before.positions()) {
            if (!occupied.contains(position)) {
                continue;
            }
            if (!after.has(position)) {
                blocked.add(position);
            } else if (position instanceof OnAxle on) {
                AxleRole was = before.axles().get(on.axle() - 1).role();
                AxleRole becomes = after.axles().get(on.axle() - 1).role();
                if (was != becomes) {
                    effects.add(WORDS.say(
                            "tiresOnAxleCount", "axle", on.axle(), "becomes", becomes.label(), "was", was.label()));
                }
            }
        }
        return new AxleLayoutChange(List.copyOf(blocked), List.copyOf(effects));
    }
}
