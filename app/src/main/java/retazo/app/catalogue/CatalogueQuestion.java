package retazo.app.catalogue;

import java.util.Currency;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import retazo.app.shared.FieldReader;
import retazo.core.measure.Money;

/**
 * What somebody looks for.
 *
 * @param words   in the names of a kit, or colours that are seen in it
 * @param size    the name of a size; empty for any
 * @param range   the name of a range of which it takes a fabric; empty for any
 * @param upTo    the highest price as typed; empty for any
 * @param there   whether only what is on the shelf
 * @param now     whether only what is on the shelf or can be cut now
 * @param lasts   whether only what is made no more, while it lasts
 * @param from    how many kits of the order of names were passed already
 */
record CatalogueQuestion(String words, String size, String range, String upTo, boolean there, boolean now, boolean lasts, int from) {

    static CatalogueQuestion of(Map<String, String> asked) {
        String from = text(asked, "from");
        return new CatalogueQuestion(
                text(asked, "words"), text(asked, "size"), text(asked, "range"), text(asked, "upTo"), asked.containsKey("there"),
                asked.containsKey("now"), asked.containsKey("lasts"), from.matches("\\d{1,6}") ? Integer.parseInt(from) : 0);
    }

    private static String text(Map<String, String> asked, String key) {
        String text = asked.getOrDefault(key, "").strip();
        return text.length() > 120 ? text.substring(0, 120) : text;
    }

    /** The highest price, or empty with a problem at {@code upTo} where it is no amount. */
    Optional<Money> highest(Currency currency, FieldReader reader) {
        return reader.money("upTo", upTo, currency);
    }

    public boolean narrows() {
        return !(words + size + range + upTo).isEmpty() || there || now || lasts;
    }

    /** As it stands in an address, from a place in the order on. */
    public Map<String, String> from(int place) {
        Map<String, String> asked = new LinkedHashMap<>();
        put(asked, "words", words);
        put(asked, "size", size);
        put(asked, "range", range);
        put(asked, "upTo", upTo);
        put(asked, "there", there ? "on" : "");
        put(asked, "now", now ? "on" : "");
        put(asked, "lasts", lasts ? "on" : "");
        put(asked, "from", place == 0 ? "" : String.valueOf(place));
        return asked;
    }

    private static void put(Map<String, String> asked, String key, String text) {
        if (!text.isEmpty()) {
            asked.put(key, text);
        }
    }
}
