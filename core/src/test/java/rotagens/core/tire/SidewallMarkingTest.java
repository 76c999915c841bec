package rotagens.core.tire;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Units;
import rotagens.core.tire.SidewallMarking.Part;

class SidewallMarkingTest {

    @ParameterizedTest(name = "{0} is read as {1}")
    @CsvSource({
        "LT245/75R17 121/118S E, LT245/75R17 121/118S E",
        "275/70R22.5 148/145M H, 275/70R22.5 148/145M H",
        "31x10.50R15LT 109Q C, 31x10.50R15LT 109Q C",
        "11R22.5 H, 11R22.5 H",
        "lt245/75r17121/118se, LT245/75R17 121/118S E",
        "275/70r22.5148/145mh, 275/70R22.5 148/145M H",
        "31×10.50r15lt109qc, 31x10.50R15LT 109Q C",
        "LT245/75R17E 121/118S, LT245/75R17 121/118S E",
        "LT225/75R16C, LT225/75R16 C",
        "235/65R16C 115/113R, 235/65R16C 115/113R",
        "235/65R16C 115/113R LR E, 235/65R16C 115/113R E",
        "P215/70R16 99H XL, P215/70R16 99H XL",
        "215/70 R 16 (99H) load range SL, 215/70R16 99H SL",
        "11R22.5 146/143L 16PR, 11R22.5 146/143L H",
        "7.50r16lt 116/114n d, 7.50R16LT 116/114N D",
        "LT265/70R17 M+S 3PMSF 121/118s e, LT265/70R17 121/118S E M+S 3PMSF",
        "11R22.5 16PR, 11R22.5 H",
        "LT225/75R16 10 ply, LT225/75R16 E",
        "LT225/75R16 LOAD E, LT225/75R16 E",
        "11R22.5 LRG, 11R22.5 G",
        "LT225/75R16 115/112R /E, LT225/75R16 115/112R E",
        "LT225/75R16/E, LT225/75R16 E",
        "lt 265 70 r17 121/118 s, LT265/70R17 121/118S",
        "185R14C, 185R14C",
        "185R14C 102/100R, 185R14C 102/100R",
        "LT37X12.50R17, 37x12.50R17LT",
        "'275/70R22,5 148/145M', 275/70R22.5 148/145M",
        "225-70-19.5, 225/70R19.5",
        "10.00R20, 10.00R20",
        "10R20, 10R20",
        "9.00-20, 9.00-20",
        "9.00-20 14PR, 9.00-20 G"
    })
    void readAsTyped(String typed, String molded) {
        assertThat(SidewallMarking.parse(typed).molded()).isEqualTo(molded);
        assertThat(SidewallMarking.parse(typed).leftOver()).isEmpty();
    }

    @Test
    @DisplayName("each part says what it means, in the reader's units")
    void meanings() {
        SidewallMarking line = SidewallMarking.parse("LT245/75R17 121/118S E");
        assertThat(line.parts()).extracting(Part::read).containsExactly("LT245/75R17", "121/118S", "E");
        assertThat(line.parts().get(0).meaning().in(Units.US)).startsWith("Section width 245 mm, sidewall 75% of that");
        assertThat(line.parts().get(1).meaning().in(Units.US))
                .isEqualTo(
                        "load index 121 is 3,197 lb single, 118 is 2,910 lb as one of a dual; S up to 112 mi an hour");
        assertThat(line.parts().get(1).meaning().in(Units.METRIC))
                .isEqualTo(
                        "load index 121 is 1,450 kg single, 118 is 1,320 kg as one of a dual; S up to 180 km an hour");
        assertThat(line.parts().get(2).meaning().in(Units.US)).contains("ply rating 10", "80 psi", "hint");
        assertThat(line.missing()).isEmpty();
    }

    @Test
    @DisplayName("the flotation line says that its first figure is the overall diameter, and gives no usual pressure")
    void flotation() {
        SidewallMarking line = SidewallMarking.parse("31x10.50R15LT 109Q C");
        assertThat(line.parts().get(0).meaning().in(Units.US)).startsWith("Overall diameter 31 in");
        assertThat(line.parts().get(2).meaning().in(Units.US)).isEqualTo("ply rating 6");
    }

    @Test
    @DisplayName("what is still missing is named, and what wasn't understood is kept")
    void missing() {
        assertThat(SidewallMarking.parse("11R22.5 H").missing())
                .containsExactly("load index and speed letter, for example 121/118S");
        assertThat(SidewallMarking.parse("215/70R16").missing())
                .containsExactly("load index and speed letter, for example 121/118S", "SL or XL (load range)");
        assertThat(SidewallMarking.parse("LT245/75R17 121/118 E").missing())
                .containsExactly("speed letter behind the load index");
        assertThat(SidewallMarking.parse("LT245/75R17 121/118S E &%").leftOver())
                .isEqualTo("&%");
    }

    @ParameterizedTest(name = "{0}: {1} is left over, no index and no range made of it")
    @CsvSource({
        "11R22.5 65 MPH, 65 MPH",
        "LT245/75R17 44, 44",
        "275/70R22.5 2021, 2021",
        "225-70-19.5 G159, G159",
        "9.00-20 1234, 1234"
    })
    void inventsNothing(String typed, String leftOver) {
        SidewallMarking line = SidewallMarking.parse(typed);
        assertThat(line.leftOver()).isEqualTo(leftOver);
        assertThat(line.service()).isEmpty();
        assertThat(line.range()).isEmpty();
    }

    @Test
    @DisplayName("a manufacturer's or a model's name in front is set aside and offered as such")
    void nameInFront() {
        SidewallMarking line = SidewallMarking.parse("Corvane Tessaly C2 LT245/75R17 121/118S E");
        assertThat(line.molded()).isEqualTo("LT245/75R17 121/118S E");
        assertThat(line.inFront()).isEqualTo("Corvane Tessaly C2");
        assertThat(line.leftOver()).isEmpty();
    }

    @ParameterizedTest(name = "“{0}” is refused with a word on what to type")
    @ValueSource(strings = {"", "   ", "fine tire", "999/70R16", "LT245/75R99", "121/118S E"})
    void refused(String typed) {
        assertThatThrownBy(() -> SidewallMarking.parse(typed))
                .isInstanceOf(InvalidInputException.class)
                .hasMessageMatching("(?s).*(sidewall|size).*");
    }

    @ParameterizedTest(name = "load index {0} is {1} kg")
    @CsvSource({
        "0, 45",
        "19, 77.5",
        "63, 272",
        "75, 387",
        "81, 462",
        "91, 615",
        "115, 1215",
        "118, 1320",
        "121, 1450",
        "145, 2900",
        "148, 3150",
        "157, 4125",
        "161, 4625",
        "279, 136000"
    })
    void loadIndexes(int index, double kg) {
        assertThat(new LoadIndex(index).load().kg()).isCloseTo(kg, within(1e-9));
    }

    @Test
    @DisplayName("a higher index always carries more")
    void indexesGrow() {
        for (int index = 1; index <= 279; index++) {
            assertThat(new LoadIndex(index).load().kg())
                    .as("index %d", index)
                    .isGreaterThan(new LoadIndex(index - 1).load().kg());
        }
        assertThatThrownBy(() -> new LoadIndex(280)).hasMessageContaining("doesn’t exist");
    }

    @ParameterizedTest(name = "{0} means {1} km/h")
    @CsvSource({
        "J, 100", "K, 110", "L, 120", "M, 130", "N, 140", "P, 150", "Q, 160", "R, 170", "S, 180", "T, 190", "U, 200",
        "H, 210", "V, 240", "W, 270", "Y, 300"
    })
    void speeds(SpeedSymbol symbol, int kmPerHour) {
        assertThat(symbol.kmPerHour()).isEqualTo(kmPerHour);
    }

    @Test
    @DisplayName("a dual index above the single one is a misread figure")
    void dualAboveSingle() {
        assertThatThrownBy(() -> ServiceDescription.parse("118/121S")).hasMessageContaining("never carries more");
    }

    @ParameterizedTest(name = "seed {0}")
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12, 13, 14, 15, 16, 17, 18, 19, 20})
    @DisplayName("whatever can be written can be read back, with or without spaces, in either case")
    void roundTrip(long seed) {
        Random random = new Random(seed);
        for (int i = 0; i < 200; i++) {
            SidewallMarking line = any(random);
            String molded = line.molded();
            assertThat(SidewallMarking.parse(molded))
                    .as("seed %d: %s", seed, molded)
                    .isEqualTo(line);
            if (line.range().equals(Optional.of(LoadRange.C)) && line.service().isEmpty()) {
                continue; // run together, 215/70R16C is the commercial size, not a load range
            }
            String asTyped = molded.toLowerCase(java.util.Locale.ROOT).replace(" ", line.mudAndSnow() ? " " : "");
            assertThat(SidewallMarking.parse(asTyped))
                    .as("seed %d: %s", seed, asTyped)
                    .isEqualTo(line);
        }
    }

    private static SidewallMarking any(Random random) {
        int[] rims = {14, 15, 16, 17, 18, 20, 22};
        int rim = rims[random.nextInt(rims.length)];
        TireSize size = switch (random.nextInt(3)) {
            case 0 ->
                new TireSize.Metric(
                        new String[] {"", "P", "LT", "ST"}[random.nextInt(4)],
                        155 + 10 * random.nextInt(20),
                        45 + 5 * random.nextInt(9),
                        false,
                        TireSize.Construction.RADIAL,
                        random.nextBoolean() ? rim : 22.5,
                        false);
            case 1 ->
                new TireSize.Flotation(
                        30 + random.nextInt(8), 9.5 + random.nextInt(5), TireSize.Construction.RADIAL, 15, true);
            default -> new TireSize.InchTruck(9 + random.nextInt(4), TireSize.Construction.RADIAL, 22.5, false);
        };
        int single = 80 + random.nextInt(80);
        SpeedSymbol[] speeds = SpeedSymbol.values();
        ServiceDescription service = new ServiceDescription(
                new LoadIndex(single),
                random.nextBoolean() ? Optional.of(new LoadIndex(single - 3)) : Optional.empty(),
                Optional.of(speeds[1 + random.nextInt(speeds.length - 1)]));
        LoadRange range = LoadRange.values()[random.nextInt(LoadRange.values().length)];
        boolean snow = random.nextInt(4) == 0;
        return new SidewallMarking(
                size,
                random.nextInt(5) == 0 ? Optional.empty() : Optional.of(service),
                random.nextInt(5) == 0 ? Optional.empty() : Optional.of(range),
                snow,
                false,
                "");
    }
}
