package retazo.app.search;

/**
 * Something that was found.
 *
 * @param name  what it is called
 * @param under what tells it from others of that name
 * @param path  its page
 */
record Hit(String name, String under, String path) {
}
