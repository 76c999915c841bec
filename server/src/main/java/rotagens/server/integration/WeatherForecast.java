package rotagens.server.integration;

import static rotagens.server.storage.generated.Tables.COLDEST_MORNING;
import static rotagens.server.storage.generated.Tables.YARD;

import java.time.Clock;
import java.time.LocalDate;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.Temperature;
import rotagens.core.measure.Units;
import rotagens.server.cache.ChangeTracker;
import rotagens.server.fleet.FleetCache;

/** The coldest morning expected at a yard within a week, from a forecast. */
@Service
class WeatherForecast {

    /** @param day empty while no forecast is on file */
    record ColdestMorningView(
            String yard, @Nullable LocalDate day, @Nullable String temperature) {}

    private static final int DAYS = 7;

    private final DSLContext db;
    private final FleetCache fleet;
    private final ChangeTracker changeTracker;
    private final Clock clock;

    WeatherForecast(DSLContext db, FleetCache fleet, ChangeTracker changeTracker, Clock clock) {
        this.db = db;
        this.fleet = fleet;
        this.changeTracker = changeTracker;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public ColdestMorningView coldest(long vehicleId, Units units) {
        String yard = fleet.get(vehicleId).yard();
        LocalDate today = LocalDate.now(clock);
        return db
                .select(COLDEST_MORNING.MORNING_DATE, COLDEST_MORNING.TEMPERATURE)
                .from(COLDEST_MORNING)
                .join(YARD)
                .on(YARD.ID.eq(COLDEST_MORNING.YARD_ID))
                .where(
                        YARD.NAME.eq(yard),
                        COLDEST_MORNING.MORNING_DATE.ge(today),
                        COLDEST_MORNING.MORNING_DATE.lt(today.plusDays(DAYS)))
                .stream()
                .min(java.util.Comparator.comparingDouble(row -> row.value2().fahrenheit()))
                .map(row ->
                        new ColdestMorningView(yard, row.value1(), row.value2().format(units)))
                .orElse(new ColdestMorningView(yard, null, null));
    }

    /** The simulated forecast: a week of mornings for every yard, colder toward the turn of the year, the same for a day. */
    @Transactional
    public void simulate() {
        changeTracker.draftsOnly();
        LocalDate today = LocalDate.now(clock);
        db.select(YARD.ID).from(YARD).fetch(YARD.ID).forEach(yard -> {
            for (int ahead = 0; ahead < DAYS; ahead++) {
                LocalDate day = today.plusDays(ahead);
                double season = 45 - 25 * Math.cos((day.getDayOfYear() - 15) * 2 * Math.PI / 365);
                double wobble = Math.floorMod(day.toEpochDay() * 31 + yard * 17, 13) - 6;
                put(yard, day, Temperature.f(Math.round(season + wobble)));
            }
        });
    }

    private void put(long yard, LocalDate day, Temperature temperature) {
        db.insertInto(COLDEST_MORNING)
                .set(COLDEST_MORNING.YARD_ID, yard)
                .set(COLDEST_MORNING.MORNING_DATE, day)
                .set(COLDEST_MORNING.TEMPERATURE, temperature)
                .onConflict(COLDEST_MORNING.YARD_ID, COLDEST_MORNING.MORNING_DATE)
                .doUpdate()
                .set(COLDEST_MORNING.TEMPERATURE, temperature)
                .execute();
    }
}
