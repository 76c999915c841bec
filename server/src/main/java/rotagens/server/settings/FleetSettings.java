package rotagens.server.settings;

import static rotagens.server.settings.SettingsWords.WORDS;

import java.time.Clock;
import java.time.DayOfWeek;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.measure.DateStyle;
import rotagens.core.measure.HouseStyle;
import rotagens.server.importexport.ImportExportController.FleetFilled;
import rotagens.server.pdf.PaperSize;
import rotagens.server.people.People;
import rotagens.server.settings.FleetSettingStore.Setting;
import rotagens.server.web.InputValidator;

/** The fleet's settings; what nobody has set is as it is usual. */
@Service
public class FleetSettings implements PaperSize {

    /** What papers are printed on. */
    public enum Paper {
        LETTER,
        A4
    }

    /** The day a week begins on in the shop's calendar. */
    public enum WeekStart {
        SUNDAY,
        MONDAY;

        public DayOfWeek day() {
            return DayOfWeek.valueOf(name());
        }
    }

    /**
     * @param digestHour the hour of the day the morning's mail is written at; none where nobody wants it
     * @param digestTo whom it goes to
     */
    public record FleetSettingsView(
            Paper paper,
            WeekStart weekStart,
            DateStyle dates,
            String currencySign,
            @Nullable Integer digestHour,
            String digestTo) {}

    record FleetSettingsRequest(
            @Nullable Paper paper,
            @Nullable WeekStart weekStart,
            @Nullable DateStyle dates,
            @Nullable String currencySign,
            @Nullable String digestHour,
            @Nullable String digestTo) {}

    private static final int LAST_HOUR = 23;
    private static final int LONGEST = 120;

    private enum Name {
        PAPER,
        WEEK_START,
        DATE_STYLE,
        CURRENCY_SIGN,
        DIGEST_HOUR,
        DIGEST_TO
    }

    private final FleetSettingStore store;
    private final People people;
    private final Clock clock;

    FleetSettings(FleetSettingStore store, People people, Clock clock) {
        this.store = store;
        this.people = people;
        this.clock = clock;
    }

    @Transactional(readOnly = true)
    public FleetSettingsView all() {
        return new FleetSettingsView(
                value(Name.PAPER).map(Paper::valueOf).orElse(Paper.LETTER),
                value(Name.WEEK_START).map(WeekStart::valueOf).orElse(WeekStart.MONDAY),
                value(Name.DATE_STYLE).map(DateStyle::valueOf).orElse(HouseStyle.USUAL.dates()),
                value(Name.CURRENCY_SIGN).orElse(HouseStyle.USUAL.currencySign()),
                value(Name.DIGEST_HOUR)
                        .filter(hour -> !hour.isEmpty())
                        .map(Integer::valueOf)
                        .orElse(null),
                value(Name.DIGEST_TO).orElse(""));
    }

    /** From now on dates and money are written as the fleet has chosen; asked at the start and after each change. */
    @EventListener({ApplicationReadyEvent.class, FleetFilled.class})
    @Transactional(readOnly = true)
    public void takeUpHouseStyle() {
        FleetSettingsView chosen = all();
        HouseStyle.use(new HouseStyle(chosen.dates(), chosen.currencySign()));
    }

    /** Who set up the morning's mail: it is written in this person's name. */
    @Transactional(readOnly = true)
    public Optional<Long> digestBy() {
        return store.last(Name.DIGEST_TO.name()).map(Setting::personId);
    }

    private Optional<String> value(Name name) {
        return store.last(name.name()).map(Setting::value);
    }

    @Transactional
    FleetSettingsView set(FleetSettingsRequest typed) {
        InputValidator wrong = new InputValidator();
        String to = wrong.text("digestTo", typed.digestTo(), LONGEST);
        wrong.unless(to.isEmpty() || to.matches("[^@\\s]+@[^@\\s]+"), "digestTo", WORDS.say("thisIsNoMailAddress"));
        String hour = typed.digestHour() == null ? "" : typed.digestHour().strip();
        wrong.unless(
                hour.isEmpty() || hour.matches("\\d{1,2}") && Integer.parseInt(hour) <= LAST_HOUR,
                "digestHour",
                WORDS.say("enterTheHour0", "lastHour", LAST_HOUR));
        DateStyle dates = typed.dates() == null ? HouseStyle.USUAL.dates() : typed.dates();
        String sign = typed.currencySign() == null || typed.currencySign().isBlank()
                ? HouseStyle.USUAL.currencySign()
                : typed.currencySign().strip();
        wrong.attempt("currencySign", () -> new HouseStyle(dates, sign));
        wrong.unless(hour.isEmpty() || !to.isEmpty(), "digestTo", WORDS.say("enterWhomTheMailGoes"));
        wrong.refuseIfWrong();
        keep(
                Name.PAPER,
                typed.paper() == null ? Paper.LETTER.name() : typed.paper().name());
        keep(
                Name.WEEK_START,
                typed.weekStart() == null
                        ? WeekStart.MONDAY.name()
                        : typed.weekStart().name());
        keep(Name.DATE_STYLE, dates.name());
        keep(Name.CURRENCY_SIGN, sign);
        keep(Name.DIGEST_HOUR, hour);
        keep(Name.DIGEST_TO, to);
        return all();
    }

    private void keep(Name name, String value) {
        if (value(name).filter(value::equals).isPresent()) {
            return;
        }
        store.add(name.name(), new Setting(value, people.me()), clock.instant());
    }

    @Override
    @Transactional(readOnly = true)
    public String css() {
        return all().paper() == Paper.A4 ? "A4" : "letter";
    }
}
