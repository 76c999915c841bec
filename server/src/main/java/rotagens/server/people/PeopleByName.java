package rotagens.server.people;

import java.util.List;
import java.util.Optional;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import rotagens.server.people.PersonStore.StoredPerson;

/** In whose name something is recorded that nobody does at a page: a machine’s, or that of whoever asked for it earlier. */
@Service
public class PeopleByName {

    private final PersonStore store;
    private final People people;

    PeopleByName(PersonStore store, People people) {
        this.store = store;
        this.people = people;
    }

    /** Does something in a person's name that they asked for earlier, and that a stop cut off. */
    public void as(long id, Runnable work) {
        SecurityContext before = SecurityContextHolder.getContext();
        Account person = people.account(id).orElseThrow(() -> new IllegalStateException("no account " + id));
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(person, null, List.of()));
        SecurityContextHolder.setContext(context);
        try {
            work.run();
        } finally {
            SecurityContextHolder.setContext(before);
        }
    }

    /** The person whose name a machine’s entries carry: it has the machine’s name, and nobody signs in as it. */
    @Transactional
    public long machine(String name) {
        String clean = Credentials.name(name);
        String free = clean;
        for (int more = 2; store.named(free).isPresent(); more++) {
            free = clean + " " + more;
        }
        return people.addWithoutPassword(free, Role.TECHNICIAN, false);
    }

    /** The person of this name, however it is spelled. */
    @Transactional(readOnly = true)
    public Optional<Long> idOf(String name) {
        return store.named(Credentials.name(name)).filter(StoredPerson::active).map(StoredPerson::id);
    }
}
