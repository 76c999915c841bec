package rotagens.core.measure;

/** Something typed that cannot be right. The message is meant for the technician who typed it. */
public class InvalidInputException extends IllegalArgumentException {

    public InvalidInputException(String message) {
        super(message);
    }
}
