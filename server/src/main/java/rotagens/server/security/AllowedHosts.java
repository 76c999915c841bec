package rotagens.server.security;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Refuses requests addressed to another name than this server's: a page elsewhere can't rebind its own name to reach it. */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class AllowedHosts extends OncePerRequestFilter {

    private final Set<String> hosts;

    AllowedHosts(@Value("${rotagens.hosts:localhost,127.0.0.1,::1}") Set<String> hosts) {
        this.hosts = hosts;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String host = request.getServerName();
        String bare = host.startsWith("[") ? host.substring(1, host.length() - 1) : host;
        if (hosts.contains(bare)) {
            chain.doFilter(request, response);
        } else {
            response.sendError(421);
        }
    }
}
