package retazo.app.search;

import retazo.app.shared.FractionText;

/**
 * Something that was found.
 *
 * @param name  what it is called
 * @param under what tells it from others of that name
 * @param path  its page
 */
record Hit(String name, FractionText under, String path) {

    Hit(String name, String under, String path) {
        this(name, FractionText.of(under), path);
    }
}
