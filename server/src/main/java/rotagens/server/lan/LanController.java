package rotagens.server.lan;

import java.util.Arrays;
import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Tells where phones of the local network reach this server. */
@RestController
class LanController {

    /**
     * One address of this machine.
     *
     * @param door where a phone gets the certificate first, in the clear
     * @param address the program itself
     */
    record LanAddressView(String door, String address) {}

    private final List<LanAddressView> lanAddressViews;

    LanController(
            @Value("${rotagens.lan:false}") boolean lan,
            @Value("${rotagens.lan.addresses:}") String addresses,
            @Value("${rotagens.lan.door-port:8480}") int doorPort,
            @Value("${server.port}") int port) {
        this.lanAddressViews = lan
                ? Arrays.stream(addresses.split(","))
                        .filter(one -> !one.isBlank())
                        .map(one -> new LanAddressView(
                                "http://" + one + ":" + doorPort + "/", "https://" + one + ":" + port + "/"))
                        .toList()
                : List.of();
    }

    /** Empty where the server is reached from its own machine only. */
    @GetMapping("/api/lan")
    List<LanAddressView> listLanAddresses() {
        return lanAddressViews;
    }
}
