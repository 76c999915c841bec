package rotagens.server.tirepages;

import static rotagens.server.tirepages.TirepagesWords.WORDS;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.inspection.InstallCheck;
import rotagens.core.inspection.VerdictReason;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Money;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.tire.DotCode;
import rotagens.core.vehicle.Position;
import rotagens.server.fleet.FittingCheck;
import rotagens.server.fleet.FleetCache;
import rotagens.server.fleet.ReasonView;
import rotagens.server.fleet.VehicleAssessment;
import rotagens.server.fleet.VehiclePositions;
import rotagens.server.people.People;
import rotagens.server.tire.TireCatalog;
import rotagens.server.tire.TireRegisterStore;
import rotagens.server.tire.TireRegisterStore.TireOnFile;
import rotagens.server.tire.TireStore;
import rotagens.server.tire.TireStore.DotKind;
import rotagens.server.tire.TireStore.Line;
import rotagens.server.tire.TireStore.Movement;
import rotagens.server.tire.TireStore.StockLocation;
import rotagens.server.tire.TireStore.StockState;
import rotagens.server.tirepages.TireViews.CorrectEntryRequest;
import rotagens.server.tirepages.TireViews.InstallCheckView;
import rotagens.server.tirepages.TireViews.InstallRequest;
import rotagens.server.tirepages.TireViews.MovementView;
import rotagens.server.tirepages.TireViews.NewTireRequest;
import rotagens.server.tirepages.TireViews.NewTireView;
import rotagens.server.tirepages.TireViews.ReadDotCodeRequest;
import rotagens.server.tirepages.TireViews.RetreadReturnRequest;
import rotagens.server.tirepages.TireViews.StoreTireRequest;
import rotagens.server.tirepages.TireViews.SwapRequest;
import rotagens.server.tirepages.TireViews.TireNumberRequest;
import rotagens.server.vehicle.OdometerStore;
import rotagens.server.vehicle.VehicleRegister;
import rotagens.server.vehicle.VehicleStore;
import rotagens.server.vehicle.VehicleStore.PlaceName;
import rotagens.server.web.InputValidator;
import rotagens.server.web.ProblemException;

/** Receiving, fitting, taking off, moving, swapping, retreading and scrapping: each a line in the ledger, by whom and when. */
@Service
public class TireMovements {

    private static final int LONGEST_NOTE = 500;
    private static final int LONGEST_NUMBER = 24;

    private final TireStore tireStore;
    private final TireCatalog tireCatalog;
    private final TireRegisterStore records;
    private final FleetCache fleet;
    private final FittingCheck fittingCheck;
    private final VehicleStore vehicleStore;
    private final OdometerStore odometerStore;
    private final VehicleRegister register;
    private final People people;
    private final Clock clock;

    TireMovements(
            TireStore tireStore,
            TireCatalog tireCatalog,
            TireRegisterStore records,
            FleetCache fleet,
            FittingCheck fittingCheck,
            VehicleStore vehicleStore,
            OdometerStore odometerStore,
            VehicleRegister register,
            People people,
            Clock clock) {
        this.tireStore = tireStore;
        this.tireCatalog = tireCatalog;
        this.records = records;
        this.fleet = fleet;
        this.fittingCheck = fittingCheck;
        this.vehicleStore = vehicleStore;
        this.odometerStore = odometerStore;
        this.register = register;
        this.people = people;
        this.clock = clock;
    }

    /** Puts a tire on record and lays it at a yard. The same DOT code twice is said, not refused: codes aren't serial numbers. */
    @Transactional
    NewTireView receive(NewTireRequest typed, Units units) {
        InputValidator wrong = new InputValidator();
        LocalDate today = LocalDate.now(clock);
        wrong.unless(typed.tireModelId() != null, "tireModelId", WORDS.say("chooseTheModel"));
        Optional<DotCode> dot = typed.retread()
                ? wrong.optional("dotCode", typed.dotCode(), code -> DotCode.parse(code, today))
                : wrong.required("dotCode", typed.dotCode(), code -> DotCode.parse(code, today));
        Optional<DotCode> mark = typed.retread()
                ? wrong.required("retreadCode", typed.retreadCode(), code -> DotCode.parseRetread(code, today))
                : Optional.empty();
        Optional<Money> price = wrong.optional("price", typed.price(), Money::parse);
        Optional<TreadDepth> depth = depth(wrong, "depth", typed.depth(), units);
        String number = wrong.text("number", typed.number(), LONGEST_NUMBER);
        String yard = wrong.text("yard", typed.yard(), 60);
        wrong.unless(!yard.isEmpty(), "yard", WORDS.say("enterTheYardItLies"));
        String shelf = wrong.text("shelf", typed.shelf(), 60);
        String note = wrong.text("note", typed.note(), LONGEST_NOTE);
        wrong.refuseIfWrong();
        TireCatalog.Model model = tireCatalog.get(typed.tireModelId());
        long tireId = tireStore.add(new TireStore.New(
                typed.tireModelId(),
                typed.retread(),
                Optional.of(number).filter(text -> !text.isEmpty()),
                price.or(() -> model.details().price())));
        Instant now = clock.instant();
        List<String> notes = new ArrayList<>();
        dot.ifPresent(code -> {
            notes.addAll(sameCode(code, tireId));
            tireStore.readDot(tireId, code.molded(), DotKind.TIRE, now, people.me());
        });
        mark.ifPresent(code -> tireStore.readDot(tireId, code.molded(), DotKind.RETREAD, now, people.me()));
        if (typed.retread() && dot.isEmpty()) {
            notes.add(WORDS.say("casingsDateIsUnknown"));
        }
        tireStore.store(
                tireId,
                "RECEIVED",
                new StockLocation(StockState.IN_STOCK, register.yard(yard), shelf),
                new Line(now, people.me(), note, "", null, depth.orElse(null), null));
        return new NewTireView(tireId, notes);
    }

    /** What is worth a word where another tire on file carries the same code. */
    List<String> sameCode(DotCode code, Long ownId) {
        int others = tireStore.sameDot(code.molded(), ownId).size();
        return others == 0 ? List.of() : List.of(WORDS.say("anotherTireOnFileCarries", "others", others));
    }

    /** Records what was read off a tire that is on file already. */
    @Transactional
    NewTireView readCode(long tireId, ReadDotCodeRequest typed) {
        records.get(tireId);
        InputValidator wrong = new InputValidator();
        LocalDate today = LocalDate.now(clock);
        Optional<DotCode> code = wrong.required(
                "dotCode",
                typed.dotCode(),
                text -> typed.retreadMark() ? DotCode.parseRetread(text, today) : DotCode.parse(text, today));
        wrong.refuseIfWrong();
        List<String> notes = typed.retreadMark() ? List.of() : sameCode(code.orElseThrow(), tireId);
        tireStore.readDot(
                tireId,
                code.orElseThrow().molded(),
                typed.retreadMark() ? DotKind.RETREAD : DotKind.TIRE,
                clock.instant(),
                people.me());
        return new NewTireView(tireId, notes);
    }

    @Transactional
    void setNumbers(long tireId, TireNumberRequest typed) {
        records.get(tireId);
        InputValidator wrong = new InputValidator();
        String number = wrong.text("number", typed.number(), LONGEST_NUMBER);
        Optional<Money> price = wrong.optional("price", typed.price(), Money::parse);
        wrong.refuseIfWrong();
        if (!number.isEmpty()) {
            tireStore.refuseUsedNumber(number, tireId);
        }
        tireStore.setNumbers(tireId, Optional.of(number).filter(text -> !text.isEmpty()), price);
    }

    /** What fitting would bring, without doing it. */
    @Transactional(readOnly = true)
    InstallCheckView check(long tireId, InstallRequest typed, Units units) {
        VehicleAssessment vehicleAssessment = assessmentOf(typed.vehicleId());
        return view(
                fitting(records.get(tireId), vehicleAssessment, position(vehicleAssessment, typed.position())), units);
    }

    @Transactional
    MovementView fit(long tireId, InstallRequest typed, Units units) {
        TireOnFile tire = records.get(tireId);
        VehicleAssessment vehicleAssessment = assessmentOf(typed.vehicleId());
        Position position = position(vehicleAssessment, typed.position());
        refuseGone(tire);
        InputValidator wrong = new InputValidator();
        Instant at = when(wrong, typed.day());
        Optional<Distance> odometer = distance(wrong, "odometer", typed.odometer(), units);
        String note = wrong.text("note", typed.note(), LONGEST_NOTE);
        wrong.refuseIfWrong();
        InstallCheck installCheck = fitting(tire, vehicleAssessment, position);
        if (!installCheck.refusals().isEmpty()) {
            throw ProblemException.field(
                    "position",
                    WORDS.say(
                            "cannotBeInstalledThere",
                            "refusals",
                            installCheck.refusals().get(0).reason().statement().in(units),
                            "explanation",
                            installCheck
                                    .refusals()
                                    .get(0)
                                    .reason()
                                    .explanation()
                                    .in(units)));
        }
        tireStore.fit(
                tireId,
                vehicleAssessment.placeId(position),
                new Line(at, people.me(), note, "", odometer.orElse(null), null, null));
        readOdometer(vehicleAssessment, odometer, at, "odometer", OdometerStore.askIn(typed.confirmed(), units));
        return new MovementView(
                tireId, vehicleAssessment.unit() + " " + position.code(), reasons(installCheck.notes(), units));
    }

    /** Two tires change places, on one vehicle or between two; either place may be empty. */
    @Transactional
    MovementView swap(long tireId, SwapRequest typed, Units units) {
        TireOnFile tire = records.get(tireId);
        long fromPlace =
                tire.placeId().orElseThrow(() -> ProblemException.field("tire", WORDS.say("thisTireIsInStock")));
        PlaceName from = vehicleStore.placeNames(List.of(fromPlace)).get(fromPlace);
        VehicleAssessment here = fleet.get(from.vehicleId());
        VehicleAssessment there =
                assessmentOf(typed.vehicleId() == null ? Long.valueOf(from.vehicleId()) : typed.vehicleId());
        Position hereAt = VehiclePositions.of(here, from.code());
        Position thereAt = position(there, typed.position());
        if (here.id() == there.id() && hereAt.equals(thereAt)) {
            throw ProblemException.field("position", WORDS.say("tireIsThereAlready"));
        }
        InputValidator wrong = new InputValidator();
        Instant at = when(wrong, typed.day());
        Optional<Distance> odometer = distance(wrong, "odometer", typed.odometer(), units);
        Optional<Distance> otherOdometer = distance(wrong, "otherOdometer", typed.otherOdometer(), units);
        String note = wrong.text("note", typed.note(), LONGEST_NOTE);
        wrong.refuseIfWrong();
        List<VerdictReason> refusals =
                new ArrayList<>(fitting(tire, there, thereAt).refusals());
        tireStore
                .at(there.placeId(thereAt))
                .map(records::get)
                .ifPresent(other -> refusals.addAll(fitting(other, here, hereAt).refusals()));
        if (!refusals.isEmpty()) {
            throw ProblemException.field(
                    "position",
                    WORDS.say(
                            "cannotBeInstalledThere",
                            "refusals",
                            refusals.get(0).reason().statement().in(units),
                            "explanation",
                            refusals.get(0).reason().explanation().in(units)));
        }
        boolean oneVehicle = here.id() == there.id();
        tireStore.swap(
                fromPlace,
                there.placeId(thereAt),
                new Line(at, people.me(), note, "", odometer.orElse(null), null, null),
                (oneVehicle ? odometer : otherOdometer).orElse(null));
        readOdometer(here, odometer, at, "odometer", OdometerStore.askIn(typed.confirmed(), units));
        if (!oneVehicle) {
            readOdometer(there, otherOdometer, at, "otherOdometer", OdometerStore.askIn(typed.confirmed(), units));
        }
        return new MovementView(tireId, there.unit() + " " + thereAt.code(), List.of());
    }

    /** Takes a tire off its vehicle, or moves one in stock: to a shelf, to the retreader, to scrap. */
    @Transactional
    MovementView putAway(long tireId, StoreTireRequest typed, Units units) {
        TireOnFile tire = records.get(tireId);
        InputValidator wrong = new InputValidator();
        Instant at = when(wrong, typed.day());
        wrong.unless(typed.to() != null, "to", WORDS.say("chooseWhereItGoes"));
        boolean needsYard = typed.to() == StockState.IN_STOCK || typed.to() == StockState.RETREAD_CANDIDATE;
        String yard = wrong.text("yard", typed.yard(), 60);
        wrong.unless(!needsYard || !yard.isEmpty(), "yard", WORDS.say("enterTheYardItLies"));
        String shelf = wrong.text("shelf", typed.shelf(), 60);
        String reason = wrong.text("reason", typed.reason(), 120);
        boolean scrap = typed.to() == StockState.SCRAPPED;
        wrong.unless(!scrap || !reason.isEmpty(), "reason", WORDS.say("enterWhyItIsScrapped"));
        Optional<TreadDepth> depth = depth(wrong, "depth", typed.depth(), units);
        wrong.unless(
                !scrap || depth.isPresent() || hasDepth(typed.depth()),
                "depth",
                WORDS.say("measureTheLowestTreadDepth"));
        Optional<Distance> odometer = distance(wrong, "odometer", typed.odometer(), units);
        String note = wrong.text("note", typed.note(), LONGEST_NOTE);
        wrong.refuseIfWrong();
        boolean wasScrapped = tire.lying()
                .filter(stockedTire -> stockedTire.state() == StockState.SCRAPPED)
                .isPresent();
        if (wasScrapped && scrap) {
            throw ProblemException.conflict(WORDS.say("thisTireIsScrappedAlready"));
        }
        StockLocation to = new StockLocation(typed.to(), yard.isEmpty() ? null : register.yard(yard), shelf);
        Line line = new Line(at, people.me(), note, reason, odometer.orElse(null), depth.orElse(null), null);
        if (tire.placeId().isPresent()) {
            PlaceName from = vehicleStore
                    .placeNames(List.of(tire.placeId().get()))
                    .get(tire.placeId().get());
            tireStore.takeOff(tire.placeId().get(), to, line);
            if (typed.to() != StockState.IN_STOCK) {
                tireStore.store(tireId, typed.to().movement(), to, Line.of(at, people.me(), "", null));
            }
            readOdometer(
                    fleet.get(from.vehicleId()),
                    odometer,
                    at,
                    "odometer",
                    OdometerStore.askIn(typed.confirmed(), units));
        } else {
            tireStore.store(tireId, typed.to().movement(), to, line);
        }
        return new MovementView(tireId, typed.to().words() + (yard.isEmpty() ? "" : ", " + yard), List.of());
    }

    private static boolean hasDepth(String typed) {
        return typed != null && !typed.isBlank();
    }

    /** The casing came back with a new tread: its own date, its depth; age still runs from the casing. */
    @Transactional
    MovementView backFromRetread(long tireId, RetreadReturnRequest typed, Units units) {
        TireOnFile tire = records.get(tireId);
        if (tire.lying()
                .filter(stockedTire -> stockedTire.state() == StockState.AT_RETREADER)
                .isEmpty()) {
            throw ProblemException.conflict(WORDS.say("thisTireIsNot"));
        }
        InputValidator wrong = new InputValidator();
        LocalDate today = LocalDate.now(clock);
        Optional<DotCode> mark =
                wrong.required("retreadCode", typed.retreadCode(), text -> DotCode.parseRetread(text, today));
        Optional<TreadDepth> depth =
                wrong.required("depth", typed.depth(), text -> TreadDepth.parse(text, depthScale(units)));
        Optional<Money> price = wrong.optional("price", typed.price(), Money::parse);
        String yard = wrong.text("yard", typed.yard(), 60);
        wrong.unless(!yard.isEmpty(), "yard", WORDS.say("enterTheYardItLies"));
        String shelf = wrong.text("shelf", typed.shelf(), 60);
        String note = wrong.text("note", typed.note(), LONGEST_NOTE);
        wrong.refuseIfWrong();
        Instant now = clock.instant();
        tireStore.setRetreaded(tireId, typed.tireModelId() == null ? tire.modelId() : typed.tireModelId());
        price.ifPresent(paid -> tireStore.setNumbers(
                tireId,
                tire.number(),
                Optional.of(
                        new Money(paid.cents() + tire.price().map(Money::cents).orElse(0L)))));
        tireStore.readDot(tireId, mark.orElseThrow().molded(), DotKind.RETREAD, now, people.me());
        tireStore.store(
                tireId,
                "BACK_FROM_RETREAD",
                new StockLocation(StockState.IN_STOCK, register.yard(yard), shelf),
                new Line(now, people.me(), note, "", null, depth.orElseThrow(), null));
        return new MovementView(tireId, WORDS.say("inStock", "yard", yard), List.of());
    }

    /** Puts a line right by a new one; the old stays to be seen. */
    @Transactional
    void correct(long movementId, CorrectEntryRequest typed, Units units) {
        Movement old = tireStore.movement(movementId);
        if (old.type().equals("CORRECTED")) {
            throw ProblemException.conflict(WORDS.say("correctTheLineItselfNot"));
        }
        InputValidator wrong = new InputValidator();
        Optional<Distance> odometer = distance(wrong, "odometer", typed.odometer(), units);
        String note = wrong.text("note", typed.note(), LONGEST_NOTE);
        wrong.unless(!note.isEmpty(), "note", WORDS.say("sayInAFewWords"));
        Instant at = typed.day() == null ? old.at() : when(wrong, typed.day());
        wrong.refuseIfWrong();
        tireStore.correct(old, new Line(at, people.me(), note, "", odometer.orElse(old.odometer()), old.depth(), null));
    }

    private InstallCheck fitting(TireOnFile one, VehicleAssessment vehicleAssessment, Position position) {
        return fittingCheck.of(
                new FittingCheck.Candidate(Optional.of(one.id()), one.modelId(), one.dot(), one.retread()),
                vehicleAssessment,
                position);
    }

    private static InstallCheckView view(InstallCheck installCheck, Units units) {
        return new InstallCheckView(reasons(installCheck.refusals(), units), reasons(installCheck.notes(), units));
    }

    private static List<ReasonView> reasons(List<VerdictReason> verdictReason, Units units) {
        return verdictReason.stream().map(one -> ReasonView.of(one, units)).toList();
    }

    private VehicleAssessment assessmentOf(Long vehicleId) {
        if (vehicleId == null) {
            throw ProblemException.field("vehicleId", WORDS.say("chooseTheVehicle"));
        }
        VehicleAssessment vehicleAssessment = fleet.get(vehicleId);
        if (vehicleAssessment.onFile().retiredAt().isPresent()) {
            throw ProblemException.field("vehicleId", WORDS.say("thisVehicleIsRetiredBring"));
        }
        return vehicleAssessment;
    }

    private static Position position(VehicleAssessment vehicleAssessment, String code) {
        if (code == null || code.isBlank()) {
            throw ProblemException.field("position", WORDS.say("chooseThePosition"));
        }
        return VehiclePositions.of(vehicleAssessment, code);
    }

    private static void refuseGone(TireOnFile tire) {
        tire.lying()
                .filter(stockedTire ->
                        stockedTire.state() == StockState.SCRAPPED || stockedTire.state() == StockState.AT_RETREADER)
                .ifPresent(stockedTire -> {
                    throw ProblemException.field(
                            "tire",
                            WORDS.say(
                                    "thisTireIsItCannot",
                                    "state",
                                    stockedTire.state().words()));
                });
    }

    private void readOdometer(
            VehicleAssessment vehicleAssessment,
            Optional<Distance> odometer,
            Instant at,
            String field,
            Optional<Units> askIn) {
        odometer.ifPresent(
                reading -> odometerStore.read(vehicleAssessment.onFile().id(), reading, at, people.me(), field, askIn));
    }

    private Instant when(InputValidator wrong, LocalDate day) {
        LocalDate today = LocalDate.now(clock);
        if (day == null || day.equals(today)) {
            return clock.instant();
        }
        wrong.unless(day.isBefore(today), "day", WORDS.say("thisDayLiesAheadCheck"));
        return day.atTime(LocalTime.NOON).atZone(clock.getZone()).toInstant();
    }

    private static Optional<Distance> distance(InputValidator wrong, String field, String typed, Units units) {
        return wrong.optional(
                field, typed, text -> Distance.parse(text, units == Units.US ? Distance.Unit.MILES : Distance.Unit.KM));
    }

    private static Optional<TreadDepth> depth(InputValidator wrong, String field, String typed, Units units) {
        return wrong.optional(field, typed, text -> TreadDepth.parse(text, depthScale(units)));
    }

    private static TreadDepth.Unit depthScale(Units units) {
        return units == Units.US ? TreadDepth.Unit.THIRTY_SECONDS : TreadDepth.Unit.MM;
    }
}
