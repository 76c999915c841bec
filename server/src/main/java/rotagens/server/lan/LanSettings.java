package rotagens.server.lan;

import static rotagens.server.lan.LanWords.WORDS;

import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.springframework.boot.EnvironmentPostProcessor;
import org.springframework.boot.SpringApplication;
import org.springframework.core.env.ConfigurableEnvironment;
import org.springframework.core.env.MapPropertySource;

/**
 * With {@code rotagens.lan=true} the server is reached from the local network, by https only: its keys are made on first use,
 * and every setting that belongs to that is set together, so that none can be forgotten.
 */
public class LanSettings implements EnvironmentPostProcessor {

    @Override
    public void postProcessEnvironment(ConfigurableEnvironment environment, SpringApplication application) {
        if (!environment.getProperty("rotagens.lan", Boolean.class, false)) {
            return;
        }
        Path data = Path.of(environment.getProperty("rotagens.data", "data"));
        List<String> addresses = addresses(environment.getProperty("rotagens.lan.addresses", ""));
        Set<String> names = new LinkedHashSet<>(List.of("localhost", "127.0.0.1"));
        names.addAll(addresses);
        LocalAuthority.ServerKeys keys = new LocalAuthority(data.resolve("tls"), Clock.systemUTC()).serverKeys(names);
        environment
                .getPropertySources()
                .addFirst(new MapPropertySource(
                        "local network",
                        Map.of(
                                "server.address", "0.0.0.0",
                                "server.ssl.key-store", keys.store().toUri().toString(),
                                "server.ssl.key-store-type", "PKCS12",
                                "server.ssl.key-store-password", keys.password(),
                                "server.ssl.key-alias", "server",
                                "server.servlet.session.cookie.secure", "true",
                                "rotagens.hosts", String.join(",", names),
                                "rotagens.lan.addresses", String.join(",", addresses),
                                "rotagens.lan.certificate", keys.authority().toString())));
    }

    /** This machine's addresses as others see them, and its name. */
    private static List<String> addresses(String given) {
        if (!given.isBlank()) {
            List<String> named = List.of(given.split(","));
            named.stream()
                    .filter(one -> !LocalAuthority.isLocal(one))
                    .findFirst()
                    .ifPresent(one -> {
                        throw new IllegalArgumentException(WORDS.say("isNoLocalAddress", "address", one));
                    });
            return named;
        }
        List<String> found = new ArrayList<>();
        try {
            for (NetworkInterface one : Collections.list(NetworkInterface.getNetworkInterfaces())) {
                if (!one.isUp() || one.isLoopback()) {
                    continue;
                }
                for (InetAddress address : Collections.list(one.getInetAddresses())) {
                    boolean reachable = address.getAddress().length == 4
                            && !address.isLinkLocalAddress()
                            && LocalAuthority.isPrivate(address.getHostAddress());
                    if (reachable) {
                        found.add(address.getHostAddress());
                    }
                }
            }
            String name = InetAddress.getLocalHost().getHostName();
            if (name.matches("[A-Za-z0-9-]+(\\.[A-Za-z0-9-]+)*") && !name.matches("[0-9.]+")) {
                // Of a public name only the machine's own part: the authority vouches for nothing out there.
                String small = name.toLowerCase(Locale.ROOT);
                found.add(LocalAuthority.isLocalName(small) ? small : small.substring(0, small.indexOf('.')));
            }
        } catch (SocketException | UnknownHostException e) {
            // Without a name or a network only this machine itself reaches the server; it says so where it lists
            // addresses.
            return found;
        }
        return found;
    }
}
