package rotagens.server.lan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.KeyStore;
import java.security.cert.CertificateFactory;
import java.security.cert.X509Certificate;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLHandshakeException;
import javax.net.ssl.TrustManagerFactory;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.SpringApplication;
import org.springframework.context.ConfigurableApplicationContext;
import rotagens.server.RotagensApplication;

/** Reached from phones on the local network: https only, with a certificate of the fleet's own. */
class LanTest {

    private static final List<String> NAMES = List.of("localhost", "127.0.0.1", "192.168.1.20", "yard-office");

    @TempDir
    Path folder;

    private static Clock at(Instant instant) {
        return Clock.fixed(instant, ZoneOffset.UTC);
    }

    private static X509Certificate server(LocalAuthority.ServerKeys keys) throws Exception {
        KeyStore store = KeyStore.getInstance("PKCS12");
        try (var in = Files.newInputStream(keys.store())) {
            store.load(in, keys.password().toCharArray());
        }
        return (X509Certificate) store.getCertificate("server");
    }

    private static X509Certificate read(Path pem) throws Exception {
        try (var in = Files.newInputStream(pem)) {
            return (X509Certificate) CertificateFactory.getInstance("X.509").generateCertificate(in);
        }
    }

    private static SSLContext trusting(Path authority) throws Exception {
        KeyStore trusted = KeyStore.getInstance("PKCS12");
        trusted.load(null, null);
        trusted.setCertificateEntry("authority", read(authority));
        TrustManagerFactory trust = TrustManagerFactory.getInstance(TrustManagerFactory.getDefaultAlgorithm());
        trust.init(trusted);
        SSLContext context = SSLContext.getInstance("TLS");
        context.init(null, trust.getTrustManagers(), null);
        return context;
    }

    @Test
    @DisplayName(
            "the server's certificate names every address, is signed by the authority, and lasts as long as phones allow")
    void certificate() throws Exception {
        LocalAuthority.ServerKeys keys = new LocalAuthority(folder, Clock.systemUTC()).serverKeys(NAMES);
        X509Certificate server = server(keys);
        assertThat(server.getSubjectAlternativeNames())
                .extracting(name -> String.valueOf(name.get(1)))
                .containsExactlyInAnyOrderElementsOf(NAMES);
        server.verify(read(keys.authority()).getPublicKey());
        assertThat(Duration.between(
                        server.getNotBefore().toInstant(), server.getNotAfter().toInstant()))
                .isLessThanOrEqualTo(Duration.ofDays(398));
        assertThat(read(keys.authority()).getBasicConstraints()).isZero();
        assertThat(read(keys.authority()).getCriticalExtensionOIDs()).contains("2.5.29.30");
    }

    @Test
    @DisplayName("keys and password are readable by the server's own account only, and the next start uses the same")
    void keptAndMine() throws Exception {
        LocalAuthority.ServerKeys first = new LocalAuthority(folder, Clock.systemUTC()).serverKeys(NAMES);
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(first.store())))
                .isEqualTo("rw-------");
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(folder.resolve("password"))))
                .isEqualTo("rw-------");
        LocalAuthority.ServerKeys second = new LocalAuthority(folder, Clock.systemUTC()).serverKeys(NAMES);
        assertThat(server(second)).isEqualTo(server(first));
    }

    @Test
    @DisplayName(
            "another address or a certificate about to run out makes a new one under the same authority: phones trust it still")
    void renewed() throws Exception {
        Instant now = Instant.now();
        LocalAuthority.ServerKeys first = new LocalAuthority(folder, at(now)).serverKeys(NAMES);
        X509Certificate authority = read(first.authority());
        X509Certificate before = server(first);
        LocalAuthority.ServerKeys moved =
                new LocalAuthority(folder, at(now)).serverKeys(List.of("localhost", "192.168.7.9"));
        X509Certificate after = server(moved);
        assertThat(after).isNotEqualTo(before);
        LocalAuthority.ServerKeys late = new LocalAuthority(folder, at(now.plus(Duration.ofDays(380))))
                .serverKeys(List.of("localhost", "192.168.7.9"));
        assertThat(server(late)).isNotEqualTo(after);
        assertThat(read(late.authority())).isEqualTo(authority);
        server(late).verify(authority.getPublicKey());
    }

    @Test
    @DisplayName(
            "a device that trusts the certificate gets in by https; in the clear there is the certificate and nothing else")
    void wholeServer() throws Exception {
        int port = free();
        int door = free();
        SpringApplication application = new SpringApplication(RotagensApplication.class);
        try (ConfigurableApplicationContext running = application.run(
                "--rotagens.lan=true",
                "--rotagens.lan.addresses=127.0.0.1",
                "--rotagens.lan.door-port=" + door,
                "--server.port=" + port,
                "--rotagens.demo=true",
                "--rotagens.data=" + folder)) {
            assertThat(running.isRunning()).isTrue();
            HttpClient anybody = HttpClient.newHttpClient();
            HttpResponse<String> welcome = ask(anybody, "http://127.0.0.1:" + door + "/");
            assertThat(welcome.body()).contains("https://127.0.0.1:" + port + "/");
            HttpResponse<String> crt = ask(anybody, "http://127.0.0.1:" + door + "/authority.crt");
            Path got = Files.writeString(folder.resolve("got.crt"), crt.body());
            HttpResponse<String> clear = ask(anybody, "http://127.0.0.1:" + door + "/api/session");
            assertThat(clear.statusCode()).isEqualTo(308);
            assertThat(clear.headers().firstValue("Location")).contains("https://127.0.0.1:" + port + "/api/session");
            assertThatThrownBy(() -> ask(anybody, "https://127.0.0.1:" + port + "/api/session"))
                    .isInstanceOf(SSLHandshakeException.class);
            HttpClient phone = HttpClient.newBuilder().sslContext(trusting(got)).build();
            HttpResponse<String> session = ask(phone, "https://127.0.0.1:" + port + "/api/session");
            assertThat(session.statusCode()).isEqualTo(200);
            assertThat(session.headers().allValues("Set-Cookie")).allMatch(cookie -> cookie.contains("Secure"));
            assertThat(session.headers().firstValue("Strict-Transport-Security"))
                    .isPresent();
        }
    }

    private static int free() throws Exception {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }

    private static HttpResponse<String> ask(HttpClient client, String address) throws Exception {
        return client.send(HttpRequest.newBuilder(URI.create(address)).build(), HttpResponse.BodyHandlers.ofString());
    }
}
