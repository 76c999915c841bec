package rotagens.core.measure;

/** Something typed that cannot be right. The message is meant for the technician who typed it. */
public class InvalidInputException extends IllegalArgumentException {

    /**
     * Refuses what was typed.
     *
     * @param message what is wrong and what to do, in a technician’s words
     */
    public InvalidInputException(String message) {
        super(message);
    }
}
