package rotagens.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Random;
import java.util.function.Consumer;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import rotagens.core.shop.TimeRange;
import rotagens.core.tire.DotCode;
import rotagens.core.tire.DotWeek;
import rotagens.core.tire.LoadRange;
import rotagens.core.tire.ServiceDescription;
import rotagens.core.tire.SidewallMarking;
import rotagens.core.vehicle.Position;

/** Seeded noise into everything a person types. {@code -Drotagens.fuzz=100000} makes more of it: over a million inputs. */
class FuzzTest {

    private static final int INPUTS = Integer.getInteger("rotagens.fuzz", 8_000);
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 23);
    private static final Duration LONGEST = Duration.ofSeconds(2);
    private static final String[] REAL = {
        "275/70R22.5 148/145M H",
        "LT245/75R17 121/118S E",
        "DOT 4B9 HKL2 1 3522",
        "3522",
        "80 psi",
        "5.5 bar",
        "9/32 in",
        "7,1 mm",
        "41 208 mi",
        "14,500 lb",
        "65 F",
        "475 ft·lb",
        "1 1/2 in",
        "07:00-16:30",
        "2LO",
        "$ 1,234.50",
        "121/118S",
        "8.25R20 14PR",
        "P225/60R16 98H XL",
        "31x10.50R15LT"
    };
    private static final String LETTERS =
            "0123456789/.,-– RLTPSxX×°·′\"'dotpsikPabarmlbft(){}[]%\u0000\n\t\\<>&;=+*#٣³½é字🚚";

    static Map<String, Consumer<String>> parsers() {
        Map<String, Consumer<String>> all = new LinkedHashMap<>();
        all.put("sidewall line", SidewallMarking::parse);
        all.put("service description", ServiceDescription::parse);
        all.put("load range", LoadRange::parse);
        all.put("DOT code", text -> DotCode.parse(text, TODAY));
        all.put("DOT date", text -> DotWeek.parse(text, TODAY));
        all.put("position", Position::parse);
        all.put("pressure", text -> Pressure.parse(text, Units.US));
        all.put("tread depth", text -> TreadDepth.parse(text, TreadDepth.Unit.THIRTY_SECONDS));
        all.put("distance", text -> Distance.parse(text, Distance.Unit.MILES));
        all.put("load", text -> Load.parse(text, Units.METRIC));
        all.put("temperature", text -> Temperature.parse(text, Units.US));
        all.put("torque", text -> Torque.parse(text, Torque.Unit.FT_LB));
        all.put("length", text -> Length.parse(text, Units.US));
        all.put("money", Money::parse);
        all.put("hours", TimeRange::parse);
        return all;
    }

    static java.util.stream.Stream<String> names() {
        return parsers().keySet().stream();
    }

    private static String input(Random random) {
        StringBuilder text = new StringBuilder(random.nextInt(3) == 0 ? "" : REAL[random.nextInt(REAL.length)]);
        for (int change = random.nextInt(7); change > 0; change--) {
            int at = random.nextInt(text.length() + 1);
            switch (random.nextInt(4)) {
                case 0 -> text.insert(at, LETTERS.charAt(random.nextInt(LETTERS.length())));
                case 1 -> text.insert(at, REAL[random.nextInt(REAL.length)]);
                case 2 -> text.delete(at, Math.min(text.length(), at + 1 + random.nextInt(3)));
                default ->
                    text.insert(
                            at,
                            String.valueOf(text.length() > 2 ? text.charAt(0) : '9')
                                    .repeat(random.nextInt(40)));
            }
        }
        return text.toString();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("names")
    @DisplayName("whatever is typed is read, or refused with a sentence")
    void readOrRefused(String name) {
        Consumer<String> parser = parsers().get(name);
        Random random = new Random(name.hashCode());
        for (int at = 0; at < INPUTS; at++) {
            String text = input(random);
            try {
                parser.accept(text);
            } catch (InvalidInputException refused) {
                assertThat(refused.getMessage()).as("%s: %s", name, text).isNotBlank();
            } catch (RuntimeException broken) {
                throw new AssertionError(name + " breaks on: " + text, broken);
            }
        }
    }

    @Test
    @DisplayName("a very long entry is answered at once")
    void longEntry() {
        for (Map.Entry<String, Consumer<String>> parser : parsers().entrySet()) {
            for (String part : new String[] {"9", "1/", " ", "R1", "1,", "275/70R22.5 "}) {
                Instant from = Instant.now();
                try {
                    parser.getValue().accept(part.repeat(20_000));
                } catch (InvalidInputException refused) {
                    // as it should be
                }
                assertThat(Duration.between(from, Instant.now()))
                        .as("%s of %s", parser.getKey(), part)
                        .isLessThan(LONGEST);
            }
        }
    }
}
