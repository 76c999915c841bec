package rotagens.server.ledger;

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
import rotagens.server.ledger.LedgerViews.BackFromRetread;
import rotagens.server.ledger.LedgerViews.Code;
import rotagens.server.ledger.LedgerViews.Correction;
import rotagens.server.ledger.LedgerViews.DotSheet;
import rotagens.server.ledger.LedgerViews.Fit;
import rotagens.server.ledger.LedgerViews.FitCheck;
import rotagens.server.ledger.LedgerViews.Moved;
import rotagens.server.ledger.LedgerViews.NewTire;
import rotagens.server.ledger.LedgerViews.Numbers;
import rotagens.server.ledger.LedgerViews.OrderFor;
import rotagens.server.ledger.LedgerViews.PutAway;
import rotagens.server.ledger.LedgerViews.Recorded;
import rotagens.server.ledger.LedgerViews.StockRow;
import rotagens.server.ledger.LedgerViews.Swap;
import rotagens.server.ledger.LedgerViews.TirePage;
import rotagens.server.people.People;
import rotagens.server.web.Entries;
import rotagens.server.web.OnceOnly;

@RestController
class LedgerController {

    private static final String KEY = "Idempotency-Key";

    private final TireMoves moves;
    private final LedgerPages pages;
    private final FactLog facts;
    private final People people;
    private final OnceOnly onceOnly;

    LedgerController(TireMoves moves, LedgerPages pages, FactLog facts, People people, OnceOnly onceOnly) {
        this.facts = facts;
        this.people = people;
        this.moves = moves;
        this.pages = pages;
        this.onceOnly = onceOnly;
    }

    @GetMapping("/api/stock")
    List<StockRow> stock(
            @RequestParam(defaultValue = "US") Units units, @RequestParam(defaultValue = "false") boolean scrapped) {
        return pages.stock(units, scrapped);
    }

    @GetMapping("/api/tires/{id}")
    TirePage tire(@PathVariable long id, @RequestParam(defaultValue = "US") Units units) {
        return pages.tire(id, units);
    }

    @GetMapping("/api/vehicles/{id}/positions/{position}/order")
    OrderFor order(
            @PathVariable long id, @PathVariable String position, @RequestParam(defaultValue = "US") Units units) {
        return pages.order(id, position, units);
    }

    @GetMapping("/api/vehicles/{id}/dot-sheet")
    DotSheet dotSheet(@PathVariable long id) {
        return pages.dotSheet(id);
    }

    @PostMapping("/api/tires")
    Recorded receive(
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = KEY, required = false) String key,
            @RequestBody NewTire tire) {
        return onceOnly.write(key, List.of("receive", units, tire), Recorded.class, () -> moves.receive(tire, units));
    }

    @PutMapping("/api/tires/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void numbers(@PathVariable long id, @RequestBody Numbers numbers) {
        moves.setNumbers(id, numbers);
    }

    @PostMapping("/api/tires/{id}/dot")
    Recorded readCode(@PathVariable long id, @RequestBody Code code) {
        return moves.readCode(id, code);
    }

    @PostMapping("/api/tires/{id}/fit-check")
    FitCheck check(@PathVariable long id, @RequestParam(defaultValue = "US") Units units, @RequestBody Fit fit) {
        return moves.check(id, fit, units);
    }

    @PostMapping("/api/tires/{id}/fit")
    Moved fit(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = KEY, required = false) String key,
            @RequestBody Fit fit) {
        return onceOnly.write(key, List.of("fit", id, units, fit), Moved.class, () -> moves.fit(id, fit, units));
    }

    @PostMapping("/api/tires/{id}/swap")
    Moved swap(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = KEY, required = false) String key,
            @RequestBody Swap swap) {
        return onceOnly.write(key, List.of("swap", id, units, swap), Moved.class, () -> moves.swap(id, swap, units));
    }

    @PostMapping("/api/tires/{id}/put-away")
    Moved putAway(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = KEY, required = false) String key,
            @RequestBody PutAway to) {
        return onceOnly.write(key, List.of("put-away", id, units, to), Moved.class, () -> moves.putAway(id, to, units));
    }

    @PostMapping("/api/tires/{id}/back-from-retread")
    Moved backFromRetread(
            @PathVariable long id,
            @RequestParam(defaultValue = "US") Units units,
            @RequestHeader(name = KEY, required = false) String key,
            @RequestBody BackFromRetread back) {
        return onceOnly.write(
                key, List.of("back", id, units, back), Moved.class, () -> moves.backFromRetread(id, back, units));
    }

    /** Takes a mistyped reading back, by name and reason: what it alone had opened is cleared with it. */
    @PostMapping("/api/readings/{id}/void")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    @Transactional
    public void voidReading(@PathVariable long id, @RequestBody LedgerViews.Void typed) {
        Entries wrong = new Entries();
        String reason = wrong.text("reason", typed.reason(), 200);
        wrong.unless(
                !reason.isEmpty(), "reason", "Say what was wrong with it, for example: typed into the wrong tire.");
        wrong.refuseIfWrong();
        facts.voidReading(id, reason, people.me());
    }

    @PostMapping("/api/movements/{id}/correct")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void correct(
            @PathVariable long id, @RequestParam(defaultValue = "US") Units units, @RequestBody Correction correction) {
        moves.correct(id, correction, units);
    }
}
