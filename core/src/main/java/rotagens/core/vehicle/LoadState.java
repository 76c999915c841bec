package rotagens.core.vehicle;

/** How a vehicle usually travels. */
public enum LoadState {
    UNKNOWN,
    EMPTY,
    USUAL,
    FULL,
    TOWING
}
