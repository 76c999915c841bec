package rotagens.server.security;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.util.Optional;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;
import rotagens.server.people.Account;
import rotagens.server.people.People;

/**
 * A session is only as good as the account behind it now: a closed account or a changed password ends it at the next request,
 * a changed role counts from there.
 */
class AccountRefreshFilter extends OncePerRequestFilter {

    private final People people;

    AccountRefreshFilter(People people) {
        this.people = people;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Authentication kept = SecurityContextHolder.getContext().getAuthentication();
        if (kept != null && kept.getPrincipal() instanceof Account account) {
            Optional<Account> now = people.account(account.id())
                    .filter(current -> current.credentialsAt().equals(account.credentialsAt()));
            if (now.isEmpty()) {
                SecurityContextHolder.clearContext();
                HttpSession session = request.getSession(false);
                if (session != null) {
                    session.invalidate();
                }
            } else if (!now.get().equals(account)) {
                SecurityContextHolder.getContext().setAuthentication(CurrentUser.as(now.get()));
            }
        }
        chain.doFilter(request, response);
    }
}
