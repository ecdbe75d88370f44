package retazo.app.today;

import java.util.Map;

/** How many things wait at each station, by its path. */
record Waiting(Map<String, Long> byPath, long all) {

    static final Waiting NOTHING = new Waiting(Map.of(), 0);

    long at(String path) {
        return byPath.getOrDefault(path, 0L);
    }
}
