package rotagens.server.integration;

import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Temperature;
import rotagens.core.measure.Units;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.fleet.FleetCache;
import rotagens.server.integration.ColdestMorningStore.Morning;

/** The coldest morning expected at a yard within a week, from a forecast. */
@Service
class WeatherForecast {

    /** @param day empty while no forecast is on file */
    record ColdestMorningView(
            String yard, @Nullable LocalDate day, @Nullable String temperature) {}

    private static final int DAYS = 7;

    private final ColdestMorningStore store;
    private final FleetCache fleet;
    private final ChangeTracker changeTracker;
    private final Clock clock;

    WeatherForecast(ColdestMorningStore store, FleetCache fleet, ChangeTracker changeTracker, Clock clock) {
        this.store = store;
        this.fleet = fleet;
        this.changeTracker = changeTracker;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public ColdestMorningView coldest(long vehicleId, Units units) {
        String yard = fleet.get(vehicleId).yard();
        LocalDate today = LocalDate.now(clock);
        return store.of(yard, today, today.plusDays(DAYS)).stream()
                .min(Comparator.comparingDouble(one -> one.temperature().fahrenheit()))
                .map(one -> new ColdestMorningView(
                        yard, one.day(), one.temperature().format(units)))
                .orElse(new ColdestMorningView(yard, null, null));
    }

    /** The simulated forecast: a week of mornings for every yard, colder toward the turn of the year, the same for a day. */
    @Transactional
    public void simulate() {
        changeTracker.draftsOnly();
        LocalDate today = LocalDate.now(clock);
        store.yards().forEach(yard -> {
            for (int ahead = 0; ahead < DAYS; ahead++) {
                LocalDate day = today.plusDays(ahead);
                double season = 45 - 25 * Math.cos((day.getDayOfYear() - 15) * 2 * Math.PI / 365);
                double wobble = Math.floorMod(day.toEpochDay() * 31 + yard * 17, 13) - 6;
                store.put(yard, new Morning(day, Temperature.f(Math.round(season + wobble))));
            }
        });
    }
}
