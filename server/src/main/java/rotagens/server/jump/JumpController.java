package rotagens.server.jump;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What the jump field asks with every letter. */
@RestController
class JumpController {

    /** What was found: a vehicle, a position, a tire or a person. */
    enum Kind {
        VEHICLE,
        POSITION,
        TIRE,
        PERSON
    }

    /** One place to go to. */
    record Goal(Kind kind, long id, @Nullable String position, String label, String hint) {}

    private final JumpIndex index;

    JumpController(JumpIndex index) {
        this.index = index;
    }

    @GetMapping("/api/jump")
    List<Goal> find(@RequestParam(defaultValue = "") String q) {
        return index.find(q);
    }
}
