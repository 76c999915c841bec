package rotagens.server.security;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;
import rotagens.server.machines.MachineTokens;
import rotagens.server.machines.MachineTokens.Machine;
import rotagens.server.people.People;

/** A request with a machine’s token is that machine’s and nobody else’s, whatever cookies it brings; it may what its token names. */
class MachineTokenFilter extends OncePerRequestFilter {

    private static final String BEARER = "Bearer ";

    private final MachineTokens tokens;
    private final People people;

    MachineTokenFilter(MachineTokens tokens, People people) {
        this.tokens = tokens;
        this.people = people;
    }

    /** Whether a request comes with a token: no browser sends one by itself, so no page elsewhere can borrow it. */
    static boolean hasToken(HttpServletRequest request) {
        String header = request.getHeader(HttpHeaders.AUTHORIZATION);
        return header != null && header.startsWith(BEARER);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (hasToken(request)) {
            SecurityContext context = SecurityContextHolder.createEmptyContext();
            Optional<Machine> machine = tokens.of(request.getHeader(HttpHeaders.AUTHORIZATION)
                    .substring(BEARER.length())
                    .strip());
            machine.flatMap(known -> people.account(known.personId()))
                    .ifPresent(account -> context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(
                            account,
                            null,
                            machine.orElseThrow().scopes().stream()
                                    .map(scope -> new SimpleGrantedAuthority(scope.authority()))
                                    .toList())));
            SecurityContextHolder.setContext(context);
            machine.filter(tokens::isToBeNoted).ifPresent(tokens::used);
        }
        chain.doFilter(request, response);
    }
}
