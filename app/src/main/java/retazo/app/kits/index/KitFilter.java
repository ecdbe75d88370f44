package retazo.app.kits.index;

/**
 * Which kits are looked for; an empty text is no condition.
 *
 * @param words   in their names, or colours that are seen in their fabrics
 * @param size    the whole name of their size, whatever the case
 * @param range   the whole name of a range of which they take a fabric, likewise
 * @param onShelf whether only those of which one is on the shelf
 * @param lasts   whether only those whose line has ended, while they last
 */
public record KitFilter(String words, String size, String range, boolean onShelf, boolean lasts) {
}
