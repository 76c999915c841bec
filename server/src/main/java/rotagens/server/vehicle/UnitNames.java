package rotagens.server.vehicle;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** The unit numbers of the fleet, found as people write them: by their letters in any case, {@code LC01} for LC-01. */
public final class UnitNames {

    private final Map<String, Long> exact = new HashMap<>();
    private final Map<String, List<Long>> byLettersAndDigits;
    private final Map<Long, String> units;

    /** @param units of every vehicle by its id, retired ones too */
    public UnitNames(Map<Long, String> units) {
        this.units = Map.copyOf(units);
        units.forEach((id, unit) -> exact.put(key(unit), id));
        this.byLettersAndDigits = units.entrySet().stream()
                .collect(Collectors.groupingBy(
                        unit -> bare(unit.getValue()), Collectors.mapping(Map.Entry::getKey, Collectors.toList())));
    }

    /** The vehicle that is meant: exactly, or by its letters and digits alone where only one vehicle has them. */
    public Optional<Long> named(String written) {
        Optional<Long> known = exactly(written);
        if (known.isPresent()) {
            return known;
        }
        String bare = bare(written);
        List<Long> alike = bare.isEmpty() ? List.of() : byLettersAndDigits.getOrDefault(bare, List.of());
        return alike.size() == 1 ? Optional.of(alike.get(0)) : Optional.empty();
    }

    /** The vehicle with just this unit number, in whichever case. */
    public Optional<Long> exactly(String written) {
        return Optional.ofNullable(exact.get(key(written)));
    }

    /** A vehicle's unit number as it is on file. */
    public String unit(long vehicleId) {
        return units.get(vehicleId);
    }

    /**
     * What two unit numbers have in common that are one: the plain letters A to Z in either case, as the data keep them apart. Others,
     * É and é, are two.
     */
    public static String key(String unit) {
        StringBuilder key = new StringBuilder(unit.strip());
        for (int at = 0; at < key.length(); at++) {
            char one = key.charAt(at);
            key.setCharAt(at, one >= 'A' && one <= 'Z' ? Character.toLowerCase(one) : one);
        }
        return key.toString();
    }

    private static String bare(String unit) {
        return unit.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{Nd}]", "");
    }
}
