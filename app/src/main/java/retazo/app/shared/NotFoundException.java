package retazo.app.shared;

/** Something was asked for that is not there; it becomes the page for 404. */
public class NotFoundException extends RuntimeException {

    public NotFoundException(String what, Object key) {
        super("There is no " + what + " '" + key + "'.");
    }
}
