package rotagens.server.digest;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import rotagens.core.measure.Units;
import rotagens.server.digest.MorningDigest.DigestView;

@RestController
class DigestController {

    private final MorningDigest digest;

    DigestController(MorningDigest digest) {
        this.digest = digest;
    }

    /** What today's mail says, without writing it. */
    @GetMapping("/api/morning-digest")
    DigestView previewDigest(@RequestParam(defaultValue = "US") Units units) {
        return digest.today(units);
    }

    /** Writes today's mail into the outbox now. */
    @PostMapping("/api/morning-digest")
    DigestView writeDigest(@RequestParam(defaultValue = "US") Units units) {
        return digest.now(units);
    }
}
