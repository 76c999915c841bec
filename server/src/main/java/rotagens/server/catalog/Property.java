package rotagens.server.catalog;

import org.jspecify.annotations.Nullable;

/** One known thing about a tire or its model, for a list on a page: its name, its value, and what the value means where a code needs words. */
public record Property(
        String name, @Nullable String value, @Nullable String means) {}
