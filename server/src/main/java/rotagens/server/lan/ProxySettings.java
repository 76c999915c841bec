package rotagens.server.lan;

import java.util.HashMap;
import java.util.Map;
import org.springframework.boot.EnvironmentPostProcessor;
import org.springframework.boot.SpringApplication;
import org.springframework.core.env.ConfigurableEnvironment;
import org.springframework.core.env.MapPropertySource;

/**
 * With {@code rotagens.proxy=NAME} the server stands behind a reverse proxy of this machine, which people reach by that name:
 * the name is answered, who asks is read from what the proxy says and from nobody else, and cookies go by https only.
 */
public class ProxySettings implements EnvironmentPostProcessor {

    private static final String THIS_MACHINE = "127\\.0\\.0\\.1|::1|0:0:0:0:0:0:0:1";

    @Override
    public void postProcessEnvironment(ConfigurableEnvironment environment, SpringApplication application) {
        String name = environment.getProperty("rotagens.proxy", "");
        if (name.isBlank()) {
            return;
        }
        Map<String, Object> settings = new HashMap<>();
        settings.put("rotagens.hosts", name + ",localhost,127.0.0.1,::1");
        settings.put("server.forward-headers-strategy", "native");
        settings.put("server.tomcat.remoteip.internal-proxies", THIS_MACHINE);
        settings.put("server.tomcat.remoteip.trusted-proxies", "");
        settings.put("server.tomcat.remoteip.remote-ip-header", "X-Forwarded-For");
        settings.put("server.tomcat.remoteip.protocol-header", "X-Forwarded-Proto");
        settings.put("server.servlet.session.cookie.secure", "true");
        environment.getPropertySources().addFirst(new MapPropertySource("reverse proxy", settings));
    }
}
