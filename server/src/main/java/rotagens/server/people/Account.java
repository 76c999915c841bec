package rotagens.server.people;

import java.io.Serializable;
import java.security.Principal;
import java.time.Instant;

/** Who is signed in, as the session keeps it; checked against the records at every request. */
public record Account(long id, String name, Role role, Instant credentialsAt) implements Principal, Serializable {

    @Override
    public String getName() {
        return name;
    }
}
