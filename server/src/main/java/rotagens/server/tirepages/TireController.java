package rotagens.server.tirepages;

import static rotagens.server.tirepages.TirepagesWords.WORDS;

import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.measure.Units;
import rotagens.server.facts.FactLog;
import rotagens.server.people.People;
import rotagens.server.tirepages.TireViews.CorrectEntryRequest;
import rotagens.server.tirepages.TireViews.DotSheetView;
import rotagens.server.tirepages.TireViews.InstallCheckView;
import rotagens.server.tirepages.TireViews.InstallRequest;
import rotagens.server.tirepages.TireViews.MovementView;
import rotagens.server.tirepages.TireViews.NewTireRequest;
import rotagens.server.tirepages.TireViews.NewTireView;
import rotagens.server.tirepages.TireViews.OrderSpecificationView;
import rotagens.server.tirepages.TireViews.ReadDotCodeRequest;
import rotagens.server.tirepages.TireViews.RetreadReturnRequest;
import rotagens.server.tirepages.TireViews.StockRow;
import rotagens.server.tirepages.TireViews.StoreTireRequest;
import rotagens.server.tirepages.TireViews.SwapRequest;
import rotagens.server.tirepages.TireViews.TireNumberRequest;
import rotagens.server.tirepages.TireViews.TirePageView;
import rotagens.server.tirepages.TireViews.TiresOnVehicleRequest;
import rotagens.server.tirepages.TireViews.TiresOnVehicleView;
import rotagens.server.web.IdempotentRequests;
import rotagens.server.web.InputValidator;

@RestController
class TireController {

    private static final String KEY = "Idempotency-Key";

    private final TireMovements moves;
    private final TirePages pages;
    private final FactLog facts;
    private final People people;
    private final IdempotentRequests idempotentRequests;
    private final TiresOnVehicle tiresOnVehicle;
    private final DotSheetPages dotSheets;
    private final RemovalUndo removalUndo;

    TireController(
            TireMovements moves,
            TirePages pages,
            FactLog facts,
            People people,
            IdempotentRequests idempotentRequests,
            TiresOnVehicle tiresOnVehicle,
            DotSheetPages dotSheets,
            RemovalUndo removalUndo) {
        this.removalUndo = removalUndo;
        this.dotSheets = dotSheets;
        this.facts = facts;
        this.people = people;
        this.moves = moves;
        this.pages = pages;
        this.idempotentRequests = idempotentRequests;
        this.tiresOnVehicle = tiresOnVehicle;
    }

    /** Tires and parts on the shelf. */
    @GetMapping("/api/stock")
    List<StockRow> listStock(
            @RequestParam(defaultValue = "US") Units units, @RequestParam(defaultValue = "false") boolean scrapped) {
        return pages.stock(units, scrapped);
    }

    /** A tire with its life, readings, alerts and places. */
    @GetMapping("/api/tires/{id}")
    TirePageView getTire(@PathVariable long id, @RequestParam(defaultValue = "US") Units units) {
        return pages.tire(id, units);
    }

    /** What a tire for a position has to be, to order by. */
    @GetMapping("/api/vehicles/{id}/positions/{position}/order")
    OrderSpecificationView getOrderSpecification(
            @PathVariable long id, @PathVariable String position, @RequestParam(defaultValue = "US") Units units) {
        return pages.order(id, position, units);
    }

    /** Week, age and limit of every position. */
    @GetMapping("/api/vehicles/{id}/dot-sheet")
    DotSheetView getDotSheet(@PathVariable long id) {
        return dotSheets.dotSheet(id);
    }

    /** Puts a tire on file. */
    @PostMapping("/api/tires")
    NewTireView addTire(
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = KEY, required = false) String key,
            @RequestBody NewTireRequest tire) {
        return idempotentRequests.write(
                key, List.of("receive", units, tire), NewTireView.class, () -> moves.receive(tire, units));
    }

    /** Gives a tire its number. */
    @PutMapping("/api/tires/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void setTireNumber(@PathVariable long id, @RequestBody TireNumberRequest tireNumberRequest) {
        moves.setNumbers(id, tireNumberRequest);
    }

    /** Records a DOT code as read off the tire; the earlier one stays in its history. */
    @PostMapping("/api/tires/{id}/dot")
    NewTireView recordDotCode(@PathVariable long id, @RequestBody ReadDotCodeRequest readDotCodeRequest) {
        return moves.readCode(id, readDotCodeRequest);
    }

    /** Says whether a tire may go to a position, with every reason. Nothing is stored. */
    @PostMapping("/api/tires/{id}/install-check")
    InstallCheckView checkInstallation(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestBody InstallRequest installRequest) {
        return moves.check(id, installRequest, units);
    }

    /** Puts on record what is on a vehicle already: no receiving, no fitting. All of them, or none. */
    @PostMapping("/api/vehicles/{id}/tires")
    TiresOnVehicleView recordTiresOnVehicle(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = KEY, required = false) String key,
            @RequestBody TiresOnVehicleRequest request) {
        return idempotentRequests.write(
                key,
                List.of(WORDS.say("onVehicle"), id, units, request),
                TiresOnVehicleView.class,
                () -> tiresOnVehicle.record(id, request, units));
    }

    /** Installs a tire at a position. */
    @PostMapping("/api/tires/{id}/installation")
    MovementView installTire(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = KEY, required = false) String key,
            @RequestBody InstallRequest installRequest) {
        return idempotentRequests.write(
                key,
                List.of("fit", id, units, installRequest),
                MovementView.class,
                () -> moves.fit(id, installRequest, units));
    }

    /** Swaps two tires. */
    @PostMapping("/api/tires/{id}/swap")
    MovementView swapTires(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = KEY, required = false) String key,
            @RequestBody SwapRequest swapRequest) {
        return idempotentRequests.write(
                key,
                List.of("swap", id, units, swapRequest),
                MovementView.class,
                () -> moves.swap(id, swapRequest, units));
    }

    /** Takes a tire off to stock, retread or scrap. */
    @PostMapping("/api/tires/{id}/storage")
    MovementView storeTire(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = KEY, required = false) String key,
            @RequestBody StoreTireRequest to) {
        return idempotentRequests.write(
                key, List.of("put-away", id, units, to), MovementView.class, () -> moves.putAway(id, to, units));
    }

    /** Takes back the entry that a tire was taken off its vehicle. */
    @PostMapping("/api/tires/{id}/storage/undo")
    MovementView undoRemoval(@PathVariable long id) {
        return removalUndo.putBack(id);
    }

    /** Takes a tire back from retreading. */
    @PostMapping("/api/tires/{id}/retread-return")
    MovementView returnFromRetread(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = KEY, required = false) String key,
            @RequestBody RetreadReturnRequest back) {
        return idempotentRequests.write(
                key,
                List.of("back", id, units, back),
                MovementView.class,
                () -> moves.backFromRetread(id, back, units));
    }

    /** Takes a mistyped reading back, by name and reason: what it alone had opened is cleared with it. */
    @PostMapping("/api/readings/{id}/void")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Transactional
    public void voidReading(@PathVariable long id, @RequestBody TireViews.VoidReadingRequest typed) {
        InputValidator wrong = new InputValidator();
        String reason = wrong.text("reason", typed.reason(), 200);
        wrong.unless(!reason.isEmpty(), "reason", WORDS.say("sayWhatWasWrong"));
        wrong.refuseIfWrong();
        facts.voidReading(id, reason, people.me());
    }

    /** Corrects a movement by a new line; the old one stays. */
    @PostMapping("/api/movements/{id}/correct")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void correctEntry(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestBody CorrectEntryRequest correctEntryRequest) {
        moves.correct(id, correctEntryRequest, units);
    }
}
