package rotagens.server.machines;

import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import rotagens.server.machines.MachineTokens.MachineTokenRequest;
import rotagens.server.machines.MachineTokens.MachineTokenView;
import rotagens.server.machines.MachineTokens.NewMachineTokenView;

@RestController
class MachineTokenController {

    private final MachineTokens tokens;

    MachineTokenController(MachineTokens tokens) {
        this.tokens = tokens;
    }

    /** Machines that may send, when they last did, and what. */
    @GetMapping("/api/machine-tokens")
    List<MachineTokenView> listMachineTokens() {
        return tokens.all();
    }

    /** Makes a machine’s token, shown this once. */
    @PostMapping("/api/machine-tokens")
    NewMachineTokenView createMachineToken(@RequestBody MachineTokenRequest wish) {
        return tokens.add(wish);
    }

    /** Takes a machine’s token back at once. */
    @DeleteMapping("/api/machine-tokens/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void revokeMachineToken(@PathVariable long id) {
        tokens.revoke(id);
    }
}
