package retazo.app.search;

import org.springframework.core.annotation.Order;
import org.springframework.data.domain.Slice;
import org.springframework.stereotype.Component;
import retazo.app.kits.index.KitIndex;
import retazo.app.kits.index.KitTitle;
import retazo.app.staff.Right;

/** Kits by their names and the colours that are seen in them. */
@Component
@Order(5)
class FindsKits implements Finds {

    private final KitIndex index;

    FindsKits(KitIndex index) {
        this.index = index;
    }

    @Override
    public Right right() {
        return Right.KITS;
    }

    @Override
    public Hits find(String typed) {
        Slice<KitTitle> found = index.find(typed, 0, Hits.SHOWN);
        return new Hits(
                "kits", found.map(kit -> new Hit(kit.pattern() + ", " + kit.size(), kit.colourway(), "/kits/" + kit.id())).getContent(),
                found.hasNext() ? "/kits" : "");
    }
}
