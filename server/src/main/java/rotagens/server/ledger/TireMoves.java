package rotagens.server.ledger;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.core.inspection.Fitting;
import rotagens.core.inspection.Judged;
import rotagens.core.inspection.TireState;
import rotagens.core.measure.Distance;
import rotagens.core.measure.Money;
import rotagens.core.measure.TreadDepth;
import rotagens.core.measure.Units;
import rotagens.core.tire.DotCode;
import rotagens.core.tire.Tire;
import rotagens.core.vehicle.Position;
import rotagens.server.fleet.Fleet;
import rotagens.server.fleet.Fleet.Standing;
import rotagens.server.fleet.ReasonView;
import rotagens.server.inspection.Readings;
import rotagens.server.ledger.LedgerViews.BackFromRetread;
import rotagens.server.ledger.LedgerViews.Code;
import rotagens.server.ledger.LedgerViews.Correction;
import rotagens.server.ledger.LedgerViews.Fit;
import rotagens.server.ledger.LedgerViews.FitCheck;
import rotagens.server.ledger.LedgerViews.Moved;
import rotagens.server.ledger.LedgerViews.NewTire;
import rotagens.server.ledger.LedgerViews.Numbers;
import rotagens.server.ledger.LedgerViews.PutAway;
import rotagens.server.ledger.LedgerViews.Recorded;
import rotagens.server.ledger.LedgerViews.Swap;
import rotagens.server.ledger.TireRecords.OneTire;
import rotagens.server.people.People;
import rotagens.server.tire.Catalogue;
import rotagens.server.tire.Tires;
import rotagens.server.tire.Tires.DotKind;
import rotagens.server.tire.Tires.Line;
import rotagens.server.tire.Tires.Movement;
import rotagens.server.tire.Tires.Shelf;
import rotagens.server.tire.Tires.StockState;
import rotagens.server.vehicle.VehicleRegister;
import rotagens.server.vehicle.Vehicles;
import rotagens.server.web.Entries;
import rotagens.server.web.ProblemException;

/** Receiving, fitting, taking off, moving, swapping, retreading and scrapping: each a line in the ledger, by whom and when. */
@Service
public class TireMoves {

    private static final int LONGEST_NOTE = 500;
    private static final int LONGEST_NUMBER = 24;

    private final Tires tires;
    private final Catalogue catalogue;
    private final TireRecords records;
    private final Fleet fleet;
    private final Readings readings;
    private final Vehicles vehicles;
    private final VehicleRegister register;
    private final People people;
    private final Clock clock;

    TireMoves(
            Tires tires,
            Catalogue catalogue,
            TireRecords records,
            Fleet fleet,
            Readings readings,
            Vehicles vehicles,
            VehicleRegister register,
            People people,
            Clock clock) {
        this.tires = tires;
        this.catalogue = catalogue;
        this.records = records;
        this.fleet = fleet;
        this.readings = readings;
        this.vehicles = vehicles;
        this.register = register;
        this.people = people;
        this.clock = clock;
    }

    /** Puts a tire on record and lays it at a yard. The same DOT code twice is said, not refused: codes aren't serial numbers. */
    @Transactional
    Recorded receive(NewTire typed, Units units) {
        Entries wrong = new Entries();
        LocalDate today = LocalDate.now(clock);
        wrong.unless(typed.tireModelId() != null, "tireModelId", "Choose the model of the tire.");
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
        wrong.unless(!yard.isEmpty(), "yard", "Enter the yard it lies at.");
        String shelf = wrong.text("shelf", typed.shelf(), 60);
        String note = wrong.text("note", typed.note(), LONGEST_NOTE);
        wrong.refuseIfWrong();
        Catalogue.Model model = catalogue.get(typed.tireModelId());
        long tireId = tires.add(new Tires.New(
                typed.tireModelId(),
                typed.retread(),
                Optional.of(number).filter(text -> !text.isEmpty()),
                price.or(() -> model.details().price())));
        Instant now = clock.instant();
        List<String> notes = new ArrayList<>();
        dot.ifPresent(code -> {
            notes.addAll(sameCode(code, tireId));
            tires.readDot(tireId, code.molded(), DotKind.TIRE, now, people.me());
        });
        mark.ifPresent(code -> tires.readDot(tireId, code.molded(), DotKind.RETREAD, now, people.me()));
        if (typed.retread() && dot.isEmpty()) {
            notes.add("The casing’s date is unknown: its age counts as not known until somebody reads it.");
        }
        tires.store(
                tireId,
                "RECEIVED",
                new Shelf(StockState.IN_STOCK, register.yard(yard), shelf),
                new Line(now, people.me(), note, "", null, depth.orElse(null), null));
        return new Recorded(tireId, notes);
    }

    private List<String> sameCode(DotCode code, Long ownId) {
        int others = tires.sameDot(code.molded(), ownId).size();
        return others == 0
                ? List.of()
                : List.of(
                        (others == 1 ? "Another tire on file carries" : others + " other tires on file carry")
                                + " the same DOT code. That is possible, codes aren’t serial numbers; check that this isn’t the same tire twice.");
    }

    /** Records what was read off a tire that is on file already. */
    @Transactional
    Recorded readCode(long tireId, Code typed) {
        records.get(tireId);
        Entries wrong = new Entries();
        LocalDate today = LocalDate.now(clock);
        Optional<DotCode> code = wrong.required(
                "dotCode",
                typed.dotCode(),
                text -> typed.retreadMark() ? DotCode.parseRetread(text, today) : DotCode.parse(text, today));
        wrong.refuseIfWrong();
        List<String> notes = typed.retreadMark() ? List.of() : sameCode(code.orElseThrow(), tireId);
        tires.readDot(
                tireId,
                code.orElseThrow().molded(),
                typed.retreadMark() ? DotKind.RETREAD : DotKind.TIRE,
                clock.instant(),
                people.me());
        return new Recorded(tireId, notes);
    }

    @Transactional
    void setNumbers(long tireId, Numbers typed) {
        records.get(tireId);
        Entries wrong = new Entries();
        String number = wrong.text("number", typed.number(), LONGEST_NUMBER);
        Optional<Money> price = wrong.optional("price", typed.price(), Money::parse);
        wrong.refuseIfWrong();
        if (!number.isEmpty()) {
            tires.refuseUsedNumber(number, tireId);
        }
        records.setNumbers(tireId, Optional.of(number).filter(text -> !text.isEmpty()), price);
    }

    /** What fitting would bring, without doing it. */
    @Transactional(readOnly = true)
    FitCheck check(long tireId, Fit typed, Units units) {
        Standing standing = standing(typed.vehicleId());
        return view(fitting(records.get(tireId), standing, position(standing, typed.position())), units);
    }

    @Transactional
    Moved fit(long tireId, Fit typed, Units units) {
        OneTire tire = records.get(tireId);
        Standing standing = standing(typed.vehicleId());
        Position position = position(standing, typed.position());
        refuseGone(tire);
        Entries wrong = new Entries();
        Instant at = when(wrong, typed.day());
        Optional<Distance> odometer = distance(wrong, "odometer", typed.odometer(), units);
        String note = wrong.text("note", typed.note(), LONGEST_NOTE);
        wrong.refuseIfWrong();
        Fitting fitting = fitting(tire, standing, position);
        if (!fitting.refusals().isEmpty()) {
            throw ProblemException.field(
                    "position",
                    "Not there: " + fitting.refusals().get(0).reason().says().in(units) + ". "
                            + fitting.refusals().get(0).reason().because().in(units));
        }
        tires.fit(
                tireId,
                standing.placeId(position),
                new Line(at, people.me(), note, "", odometer.orElse(null), null, null));
        readOdometer(standing, odometer, at, "odometer", Vehicles.askIn(typed.confirmed(), units));
        return new Moved(
                tireId, standing.onFile().facts().unit() + " " + position.code(), reasons(fitting.notes(), units));
    }

    /** Two tires change places, on one vehicle or between two; either place may be empty. */
    @Transactional
    Moved swap(long tireId, Swap typed, Units units) {
        OneTire tire = records.get(tireId);
        long fromPlace = tire.placeId()
                .orElseThrow(() -> ProblemException.field("tire", "This tire is in stock: fit it instead."));
        TireRecords.PlaceName from = records.places(List.of(fromPlace)).get(fromPlace);
        Standing here = fleet.get(from.vehicleId());
        Standing there = standing(typed.vehicleId() == null ? Long.valueOf(from.vehicleId()) : typed.vehicleId());
        Position hereAt = here.position(from.code());
        Position thereAt = position(there, typed.position());
        if (here.onFile().id() == there.onFile().id() && hereAt.equals(thereAt)) {
            throw ProblemException.field("position", "The tire is there already.");
        }
        Entries wrong = new Entries();
        Instant at = when(wrong, typed.day());
        Optional<Distance> odometer = distance(wrong, "odometer", typed.odometer(), units);
        Optional<Distance> otherOdometer = distance(wrong, "otherOdometer", typed.otherOdometer(), units);
        String note = wrong.text("note", typed.note(), LONGEST_NOTE);
        wrong.refuseIfWrong();
        List<Judged> refusals = new ArrayList<>(fitting(tire, there, thereAt).refusals());
        tires.at(there.placeId(thereAt))
                .map(records::get)
                .ifPresent(other -> refusals.addAll(fitting(other, here, hereAt).refusals()));
        if (!refusals.isEmpty()) {
            throw ProblemException.field(
                    "position",
                    "Not there: " + refusals.get(0).reason().says().in(units) + ". "
                            + refusals.get(0).reason().because().in(units));
        }
        boolean oneVehicle = here.onFile().id() == there.onFile().id();
        tires.swap(
                fromPlace,
                there.placeId(thereAt),
                new Line(at, people.me(), note, "", odometer.orElse(null), null, null),
                (oneVehicle ? odometer : otherOdometer).orElse(null));
        readOdometer(here, odometer, at, "odometer", Vehicles.askIn(typed.confirmed(), units));
        if (!oneVehicle) {
            readOdometer(there, otherOdometer, at, "otherOdometer", Vehicles.askIn(typed.confirmed(), units));
        }
        return new Moved(tireId, there.onFile().facts().unit() + " " + thereAt.code(), List.of());
    }

    /** Takes a tire off its vehicle, or moves one in stock: to a shelf, to the retreader, to scrap. */
    @Transactional
    Moved putAway(long tireId, PutAway typed, Units units) {
        OneTire tire = records.get(tireId);
        Entries wrong = new Entries();
        Instant at = when(wrong, typed.day());
        wrong.unless(typed.to() != null, "to", "Choose where it goes.");
        boolean needsYard = typed.to() == StockState.IN_STOCK || typed.to() == StockState.RETREAD_CANDIDATE;
        String yard = wrong.text("yard", typed.yard(), 60);
        wrong.unless(!needsYard || !yard.isEmpty(), "yard", "Enter the yard it lies at.");
        String shelf = wrong.text("shelf", typed.shelf(), 60);
        String reason = wrong.text("reason", typed.reason(), 120);
        boolean scrap = typed.to() == StockState.SCRAPPED;
        wrong.unless(!scrap || !reason.isEmpty(), "reason", "Say why it is scrapped: tread, age, damage, bead …");
        Optional<TreadDepth> depth = depth(wrong, "depth", typed.depth(), units);
        wrong.unless(
                !scrap || depth.isPresent() || hasDepth(typed.depth()),
                "depth",
                "Measure the lowest tread depth: it tells what of the tire was thrown away.");
        Optional<Distance> odometer = distance(wrong, "odometer", typed.odometer(), units);
        String note = wrong.text("note", typed.note(), LONGEST_NOTE);
        wrong.refuseIfWrong();
        boolean wasScrapped = tire.lying()
                .filter(lying -> lying.state() == StockState.SCRAPPED)
                .isPresent();
        if (wasScrapped && scrap) {
            throw ProblemException.conflict("This tire is scrapped already.");
        }
        Shelf to = new Shelf(typed.to(), yard.isEmpty() ? null : register.yard(yard), shelf);
        Line line = new Line(at, people.me(), note, reason, odometer.orElse(null), depth.orElse(null), null);
        if (tire.placeId().isPresent()) {
            TireRecords.PlaceName from = records.places(List.of(tire.placeId().get()))
                    .get(tire.placeId().get());
            tires.takeOff(tire.placeId().get(), to, line);
            if (typed.to() != StockState.IN_STOCK) {
                tires.store(tireId, kindFor(typed.to()), to, Line.of(at, people.me(), "", null));
            }
            readOdometer(
                    fleet.get(from.vehicleId()), odometer, at, "odometer", Vehicles.askIn(typed.confirmed(), units));
        } else {
            tires.store(tireId, kindFor(typed.to()), to, line);
        }
        return new Moved(tireId, typed.to().words() + (yard.isEmpty() ? "" : ", " + yard), List.of());
    }

    private static boolean hasDepth(String typed) {
        return typed != null && !typed.isBlank();
    }

    private static String kindFor(StockState to) {
        return switch (to) {
            case IN_STOCK -> "STORED";
            case RETREAD_CANDIDATE -> "SET_ASIDE";
            case AT_RETREADER -> "SENT_TO_RETREAD";
            case SCRAPPED -> "SCRAPPED";
        };
    }

    /** The casing came back with a new tread: its own date, its depth; age still runs from the casing. */
    @Transactional
    Moved backFromRetread(long tireId, BackFromRetread typed, Units units) {
        OneTire tire = records.get(tireId);
        if (tire.lying()
                .filter(lying -> lying.state() == StockState.AT_RETREADER)
                .isEmpty()) {
            throw ProblemException.conflict("This tire isn’t at the retreader.");
        }
        Entries wrong = new Entries();
        LocalDate today = LocalDate.now(clock);
        Optional<DotCode> mark =
                wrong.required("retreadCode", typed.retreadCode(), text -> DotCode.parseRetread(text, today));
        Optional<TreadDepth> depth =
                wrong.required("depth", typed.depth(), text -> TreadDepth.parse(text, depthScale(units)));
        Optional<Money> price = wrong.optional("price", typed.price(), Money::parse);
        String yard = wrong.text("yard", typed.yard(), 60);
        wrong.unless(!yard.isEmpty(), "yard", "Enter the yard it lies at.");
        String shelf = wrong.text("shelf", typed.shelf(), 60);
        String note = wrong.text("note", typed.note(), LONGEST_NOTE);
        wrong.refuseIfWrong();
        Instant now = clock.instant();
        records.setRetreaded(tireId, typed.tireModelId() == null ? tire.modelId() : typed.tireModelId());
        price.ifPresent(paid -> records.setNumbers(
                tireId,
                tire.number(),
                Optional.of(
                        new Money(paid.cents() + tire.price().map(Money::cents).orElse(0L)))));
        tires.readDot(tireId, mark.orElseThrow().molded(), DotKind.RETREAD, now, people.me());
        tires.store(
                tireId,
                "BACK_FROM_RETREAD",
                new Shelf(StockState.IN_STOCK, register.yard(yard), shelf),
                new Line(now, people.me(), note, "", null, depth.orElseThrow(), null));
        return new Moved(tireId, "in stock, " + yard, List.of());
    }

    /** Puts a line right by a new one; the old stays to be seen. */
    @Transactional
    void correct(long movementId, Correction typed, Units units) {
        Movement old = tires.movement(movementId);
        if (old.kind().equals("CORRECTED")) {
            throw ProblemException.conflict("Correct the line itself, not its correction.");
        }
        Entries wrong = new Entries();
        Optional<Distance> odometer = distance(wrong, "odometer", typed.odometer(), units);
        String note = wrong.text("note", typed.note(), LONGEST_NOTE);
        wrong.unless(!note.isEmpty(), "note", "Say in a few words what was wrong.");
        Instant at = typed.day() == null ? old.at() : when(wrong, typed.day());
        wrong.refuseIfWrong();
        tires.correct(old, new Line(at, people.me(), note, "", odometer.orElse(old.odometer()), old.depth(), null));
    }

    private Fitting fitting(OneTire one, Standing standing, Position position) {
        LocalDate today = standing.today();
        Tire tire = new Tire(
                one.id(),
                catalogue.get(one.modelId()).model(),
                one.dot().map(code -> DotCode.parse(code, today).date()),
                one.retread(),
                Optional.of(today));
        List<TireState> others = standing.fitted().keySet().stream()
                .filter(other -> standing.fitted().get(other).tire().id() != one.id())
                .map(standing.state()::at)
                .toList();
        TireState there = new TireState(
                position,
                Optional.of(tire),
                readings.lastReading(one.id()).stream().toList(),
                readings.open(List.of(one.id())).getOrDefault(one.id(), List.of()),
                Optional.empty(),
                Optional.empty());
        return Fitting.of(standing.state(), others, there, standing.policy(), today);
    }

    private static FitCheck view(Fitting fitting, Units units) {
        return new FitCheck(reasons(fitting.refusals(), units), reasons(fitting.notes(), units));
    }

    private static List<ReasonView> reasons(List<Judged> judged, Units units) {
        return judged.stream().map(one -> ReasonView.of(one, units)).toList();
    }

    private Standing standing(Long vehicleId) {
        if (vehicleId == null) {
            throw ProblemException.field("vehicleId", "Choose the vehicle.");
        }
        Standing standing = fleet.get(vehicleId);
        if (standing.onFile().retiredAt().isPresent()) {
            throw ProblemException.field("vehicleId", "This vehicle is retired. Bring it back first.");
        }
        return standing;
    }

    private static Position position(Standing standing, String code) {
        if (code == null || code.isBlank()) {
            throw ProblemException.field("position", "Choose the position.");
        }
        return standing.position(code);
    }

    private static void refuseGone(OneTire tire) {
        tire.lying()
                .filter(lying -> lying.state() == StockState.SCRAPPED || lying.state() == StockState.AT_RETREADER)
                .ifPresent(lying -> {
                    throw ProblemException.field(
                            "tire", "This tire is " + lying.state().words() + ": it can’t be fitted.");
                });
    }

    private void readOdometer(
            Standing standing, Optional<Distance> odometer, Instant at, String field, Optional<Units> askIn) {
        odometer.ifPresent(reading -> vehicles.readOdometer(standing.onFile(), reading, at, people.me(), field, askIn));
    }

    private Instant when(Entries wrong, LocalDate day) {
        LocalDate today = LocalDate.now(clock);
        if (day == null || day.equals(today)) {
            return clock.instant();
        }
        wrong.unless(day.isBefore(today), "day", "This day lies ahead. Check the date.");
        return day.atTime(LocalTime.NOON).atZone(clock.getZone()).toInstant();
    }

    private static Optional<Distance> distance(Entries wrong, String field, String typed, Units units) {
        return wrong.optional(
                field, typed, text -> Distance.parse(text, units == Units.US ? Distance.Unit.MILES : Distance.Unit.KM));
    }

    private static Optional<TreadDepth> depth(Entries wrong, String field, String typed, Units units) {
        return wrong.optional(field, typed, text -> TreadDepth.parse(text, depthScale(units)));
    }

    private static TreadDepth.Unit depthScale(Units units) {
        return units == Units.US ? TreadDepth.Unit.THIRTY_SECONDS : TreadDepth.Unit.MM;
    }
}
