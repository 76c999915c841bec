package rotagens.core.measure;

/** Something typed that cannot be right. The message is meant for the technician who typed it. */
public class InvalidEntry extends IllegalArgumentException {

    public InvalidEntry(String message) {
        super(message);
    }
}
