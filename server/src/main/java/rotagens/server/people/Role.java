package rotagens.server.people;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;

/** What a person may do. Each role may do all that the ones before it may. */
public enum Role {
    /** Looks, and changes nothing. */
    VIEWER,
    /** Measures, fits and takes off, receives, signs work off. */
    TECHNICIAN,
    /** Keeps the register, orders and schedules. */
    COORDINATOR,
    /** Keeps accounts and policy, overrides what may be overridden, takes everything out and in. */
    MANAGER;

    public String words() {
        return name().toLowerCase(Locale.ROOT);
    }

    /** This role and all below it. */
    public List<Role> included() {
        return Arrays.stream(values()).filter(role -> role.compareTo(this) <= 0).toList();
    }
}
