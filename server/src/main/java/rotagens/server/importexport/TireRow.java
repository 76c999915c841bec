package rotagens.server.importexport;

import static rotagens.server.importexport.ImportexportWords.WORDS;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.Optional;
import rotagens.core.measure.InvalidInputException;
import rotagens.core.measure.Money;
import rotagens.core.measure.Pressure;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.tire.DotCode;
import rotagens.core.tire.LoadRatings;
import rotagens.core.tire.SidewallMarking;
import rotagens.core.tire.TireModel;
import rotagens.server.importexport.CsvFormat.Cells;
import rotagens.server.tire.TireStore.StockState;
import rotagens.server.web.InputValidator;

/**
 * A tire as a row of a file says it is.
 *
 * @param at when it came where it is
 */
record TireRow(
        Optional<String> number,
        Optional<DotCode> dot,
        TireModel model,
        Optional<Money> price,
        Optional<TreadDepth> depth,
        boolean retread,
        Instant at) {

    /** Reads a row; what is wrong is noted at its column. */
    static Optional<TireRow> read(Cells row, Units units, InputValidator wrong, Clock clock) {
        LocalDate today = LocalDate.now(clock);
        TreadDepth.Unit scale = units == Units.US ? TreadDepth.Unit.THIRTY_SECONDS : TreadDepth.Unit.MM;
        Optional<SidewallMarking> line = wrong.required("sidewall", row.or("sidewall", ""), SidewallMarking::parse);
        line.ifPresent(one -> wrong.unless(
                one.leftOver().isEmpty(), "sidewall", WORDS.say("isNotRecognizedRemove", "leftOver", one.leftOver())));
        Optional<DotCode> dot = wrong.optional("dot", row.or("dot", ""), text -> DotCode.parse(text, today));
        Optional<Pressure> molded = wrong.optional(
                "molded pressure",
                row.or("molded pressure", ""),
                text -> Pressure.parse(text, units == Units.US ? Pressure.Unit.PSI : Pressure.Unit.KPA));
        Optional<TreadDepth> original =
                wrong.optional("original depth", row.or("original depth", ""), text -> TreadDepth.parse(text, scale));
        Optional<TreadDepth> depth =
                wrong.optional("depth", row.or("depth", ""), text -> TreadDepth.parse(text, scale));
        Optional<Money> price = wrong.optional("price", row.or("price", ""), Money::parse);
        Optional<Boolean> retread = wrong.attempt("retread", () -> CsvCells.yes(row.or("retread", "")));
        Optional<LocalDate> fitted = wrong.optional("fitted", row.or("fitted", ""), text -> CsvCells.day(text, today));
        wrong.unless(row.get("maker").isPresent(), "maker", WORDS.say("enterTheManufacturerAsMolded"));
        wrong.unless(row.get("model").isPresent(), "model", WORDS.say("writeTheModelAsMolded"));
        wrong.unless(row.or("number", "").length() <= 24, "number", WORDS.say("atMost24Characters"));
        return line.map(one -> new TireRow(
                row.get("number"),
                dot,
                new TireModel(
                        row.or("maker", ""),
                        row.or("model", ""),
                        one.size(),
                        new LoadRatings(one.service(), one.range(), Optional.empty(), Optional.empty()),
                        molded,
                        original,
                        false,
                        true),
                price,
                depth,
                retread.orElse(false),
                CsvCells.at(fitted.orElse(today), clock)));
    }

    /** Where a tire on no vehicle is; in stock where nothing is said. */
    static StockState state(String text) {
        return Arrays.stream(StockState.values())
                .filter(state -> state != StockState.SCRAPPED)
                .filter(state -> state.words().equalsIgnoreCase(text) || text.isEmpty())
                .findFirst()
                .orElseThrow(() -> new InvalidInputException(WORDS.say("writeInStockSetAside")));
    }
}
