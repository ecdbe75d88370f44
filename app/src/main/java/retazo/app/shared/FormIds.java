package retazo.app.shared;

import java.util.UUID;

/** Ids for the forms of a page: each form that books something has one of its own, so that it counts once however often it is sent. */
public final class FormIds {

    /** An id that no form had before. */
    public UUID next() {
        return UUID.randomUUID();
    }
}
