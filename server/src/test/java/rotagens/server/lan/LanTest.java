package rotagens.server.lan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

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
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.net.ssl.SSLContext;
import javax.net.ssl.SSLHandshakeException;
import javax.net.ssl.TrustManagerFactory;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.test.system.CapturedOutput;
import org.springframework.boot.test.system.OutputCaptureExtension;
import org.springframework.context.ConfigurableApplicationContext;
import rotagens.server.RotagensApplication;
import rotagens.server.WholeServer;

/** Reached from phones on the local network: https only, with a certificate of the fleet's own. */
@ExtendWith(OutputCaptureExtension.class)
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
            "the authority vouches for private addresses and local names only; one that vouched for more is made anew")
    void privateOnly() throws Exception {
        assertThat(List.of("10.4.5.6", "172.31.0.9", "192.168.1.20", "127.0.0.1", "yard-office", "yard.local"))
                .allMatch(LocalAuthority::isLocal);
        assertThat(List.of("172.32.0.9", "192.169.1.1", "203.0.113.7", "11.0.0.1", "fleet.example.com", "2001:db8::1"))
                .noneMatch(LocalAuthority::isLocal);
        LocalAuthority.ServerKeys wide =
                new LocalAuthority(folder, Clock.systemUTC()).serverKeys(List.of("localhost", "fleet.example.com"));
        X509Certificate before = read(wide.authority());
        LocalAuthority.ServerKeys narrow = new LocalAuthority(folder, Clock.systemUTC()).serverKeys(NAMES);
        assertThat(read(narrow.authority())).isNotEqualTo(before);
        assertThat(read(new LocalAuthority(folder, Clock.systemUTC())
                        .serverKeys(NAMES)
                        .authority()))
                .isEqualTo(read(narrow.authority()));
    }

    @Test
    @DisplayName(
            "reached from the network, the first account is made with the code printed at the start, by nobody else")
    void firstAccountCode(CapturedOutput printed) throws Exception {
        int port = WholeServer.freePort();
        int door = WholeServer.freePort();
        try (ConfigurableApplicationContext running = new SpringApplication(RotagensApplication.class)
                .run(
                        "--rotagens.lan=true",
                        "--rotagens.lan.addresses=127.0.0.1",
                        "--rotagens.lan.door-port=" + door,
                        "--server.port=" + port,
                        "--rotagens.data=" + folder)) {
            HttpClient phone = HttpClient.newBuilder()
                    .sslContext(trusting(folder.resolve("tls/authority.crt")))
                    .build();
            String at = "https://127.0.0.1:" + port;
            HttpResponse<String> session = ask(phone, at + "/api/session");
            assertThat(session.body()).contains("\"codeAsked\":true");
            Matcher code = Pattern.compile("Code for the first account: (\\S+)").matcher(printed);
            assertThat(code.find()).isTrue();
            assertThat(first(phone, at, session, "WRNG-WRNG")).contains("\"field\":\"code\"");
            assertThat(export(phone, at, session)).contains("\"field\":\"code\"");
            assertThat(first(phone, at, session, code.group(1).toLowerCase(Locale.ROOT)))
                    .contains("Owner One");
            assertThat(running.isRunning()).isTrue();
        }
    }

    private static String first(HttpClient phone, String at, HttpResponse<String> session, String code)
            throws Exception {
        String body = "{\"name\":\"Owner One\",\"password\":\"seven blue wheels\",\"code\":\"" + code + "\"}";
        return send(phone, at + "/api/first-account", session, "application/json", body);
    }

    private static String export(HttpClient phone, String at, HttpResponse<String> session) throws Exception {
        return send(phone, at + "/api/first-account/export", session, "application/octet-stream", "{}");
    }

    private static String send(HttpClient phone, String address, HttpResponse<String> session, String type, String body)
            throws Exception {
        String cookie = session.headers().allValues("Set-Cookie").stream()
                .filter(one -> one.startsWith("XSRF-TOKEN="))
                .map(one -> one.substring(0, one.indexOf(';')))
                .findFirst()
                .orElseThrow();
        HttpRequest request = HttpRequest.newBuilder(URI.create(address))
                .header("Content-Type", type)
                .header("Cookie", cookie)
                .header("X-XSRF-TOKEN", cookie.substring("XSRF-TOKEN=".length()))
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build();
        return phone.send(request, HttpResponse.BodyHandlers.ofString()).body();
    }

    @Test
    @DisplayName(
            "a device that trusts the certificate gets in by https; in the clear there is the certificate and nothing else")
    void wholeServer() throws Exception {
        int port = WholeServer.freePort();
        int door = WholeServer.freePort();
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

    private static HttpResponse<String> ask(HttpClient client, String address) throws Exception {
        return client.send(HttpRequest.newBuilder(URI.create(address)).build(), HttpResponse.BodyHandlers.ofString());
    }
}
