package rotagens.server.shop;

import static rotagens.server.shop.ShopWords.WORDS;

import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;
import rotagens.server.shop.PartPages.PartCountRequest;
import rotagens.server.shop.PartPages.PartLevelRequest;
import rotagens.server.shop.PartPages.PartStockRow;
import rotagens.server.web.IdempotentRequests;

@RestController
class PartController {

    private final PartPages pages;
    private final IdempotentRequests idempotentRequests;

    PartController(PartPages pages, IdempotentRequests idempotentRequests) {
        this.pages = pages;
        this.idempotentRequests = idempotentRequests;
    }

    /** Parts with how many are there, promised and needed. */
    @GetMapping("/api/parts")
    List<PartStockRow> listParts() {
        return pages.all();
    }

    /** Records a count of the shelf. */
    @PostMapping("/api/parts/counts")
    PartStockRow[] countPart(
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody PartCountRequest typed) {
        return idempotentRequests.write(
                key,
                List.of(WORDS.say("partsCounted"), typed),
                PartStockRow[].class,
                () -> pages.counted(typed).toArray(PartStockRow[]::new));
    }

    /** Takes parts in. */
    @PostMapping("/api/parts/deliveries")
    PartStockRow[] receiveParts(
            @RequestHeader(name = "Idempotency-Key", required = false) String key,
            @RequestBody PartCountRequest typed) {
        return idempotentRequests.write(
                key,
                List.of(WORDS.say("partsDelivered"), typed),
                PartStockRow[].class,
                () -> pages.delivered(typed).toArray(PartStockRow[]::new));
    }

    /** Sets how many of a part are to be kept. */
    @PutMapping("/api/parts/levels")
    List<PartStockRow> setPartLevel(@RequestBody PartLevelRequest typed) {
        return pages.level(typed);
    }
}
