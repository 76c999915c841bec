package rotagens.server.security;

import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import rotagens.server.people.Account;
import rotagens.server.people.Role;

/** An account with the rights of its role and of every role below. */
final class CurrentUser {

    private CurrentUser() {}

    static Authentication as(Account account) {
        return UsernamePasswordAuthenticationToken.authenticated(
                account,
                null,
                account.role().included().stream()
                        .map(Role::name)
                        .map(SimpleGrantedAuthority::new)
                        .toList());
    }
}
