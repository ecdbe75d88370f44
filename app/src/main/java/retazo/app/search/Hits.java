package retazo.app.search;

import java.util.List;

/**
 * What was found of one kind.
 *
 * @param code of the kind, as the sentences name it
 * @param all  where all of it is listed; empty where this is all
 */
record Hits(String code, List<Hit> hits, String all) {

    static final int SHOWN = 8;

    Hits {
        hits = List.copyOf(hits);
    }
}
