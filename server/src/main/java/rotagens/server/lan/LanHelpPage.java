package rotagens.server.lan;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.apache.catalina.connector.Connector;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnBooleanProperty;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * The one thing told without encryption: the authority's certificate, which a phone needs before it can trust anything else, and
 * how to install it. Every other request that comes in the clear is sent to the encrypted address.
 */
@Configuration(proxyBeanMethods = false)
@ConditionalOnBooleanProperty("rotagens.lan")
class LanHelpPage {

    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> door(@Value("${rotagens.lan.door-port:8480}") int port) {
        return factory -> {
            Connector plain = new Connector(TomcatServletWebServerFactory.DEFAULT_PROTOCOL);
            plain.setPort(port);
            plain.setProperty("address", "0.0.0.0");
            factory.addAdditionalConnectors(plain);
        };
    }

    @Bean
    @Order(Ordered.HIGHEST_PRECEDENCE + 1)
    OncePerRequestFilter onlyTheCertificateInTheClear(
            @Value("${rotagens.lan.certificate}") Path certificate, @Value("${server.port}") int port) {
        return new OncePerRequestFilter() {
            @Override
            protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
                    throws ServletException, IOException {
                if (request.isSecure()) {
                    chain.doFilter(request, response);
                } else if (request.getRequestURI().equals("/authority.crt")) {
                    response.setContentType("application/x-x509-ca-cert");
                    response.setHeader("Content-Disposition", "attachment; filename=\"rotagens-authority.crt\"");
                    response.getOutputStream().write(Files.readAllBytes(certificate));
                } else if (request.getRequestURI().equals("/")) {
                    welcome(response, "https://" + request.getServerName() + ":" + port + "/");
                } else {
                    response.setStatus(HttpServletResponse.SC_PERMANENT_REDIRECT);
                    response.setHeader(
                            "Location", "https://" + request.getServerName() + ":" + port + request.getRequestURI());
                }
            }
        };
    }

    private static void welcome(HttpServletResponse response, String address) throws IOException {
        response.setContentType("text/html; charset=utf-8");
        response.setHeader("Content-Security-Policy", "default-src 'none'; style-src 'unsafe-inline'");
        response.getOutputStream().write(WELCOME.formatted(address, address).getBytes(StandardCharsets.UTF_8));
    }

    private static final String WELCOME = """
            <!doctype html>
            <html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1">
            <title>Rotagens on this phone</title>
            <style>body{font:17px/1.5 system-ui,sans-serif;max-width:36em;margin:1.5em auto;padding:0 1em;color:#1b2126;background:#f4f2ec}
            a{color:#0c6470}li{margin:.8em 0}.go{display:inline-block;background:#0c6470;color:#fff;padding:.7em 1em;border-radius:4px;text-decoration:none}</style>
            </head><body><h1>Rotagens on this phone</h1>
            <p>This server speaks only encrypted. Once, let this phone trust the certificate that this fleet’s own server made:</p>
            <ol>
            <li><a class="go" href="/authority.crt">Get the certificate</a></li>
            <li>Install it. Android: Settings, Security, Install a certificate, CA certificate.
            iPhone: Settings, Profile downloaded, Install; then General, About, Certificate Trust Settings, switch it on.</li>
            <li>Open <a href="%s">%s</a> and add it to the home screen.</li>
            </ol>
            <p>The certificate can vouch for addresses of the local network only. Ask whoever runs the server to read its
            fingerprint to you if in doubt.</p></body></html>
            """;
}
