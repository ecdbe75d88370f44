package retazo.app.search;

import java.util.List;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import retazo.app.kits.index.KitIndex;
import retazo.app.runs.BagShelf;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.RunBook;
import retazo.app.shared.Words;
import retazo.app.staff.Right;

/** A bag by its number. */
@Component
@Order(1)
class FindsBags implements Finds {

    private final BagShelf shelf;
    private final RunBook runs;
    private final KitIndex kits;
    private final Words words;

    FindsBags(BagShelf shelf, RunBook runs, KitIndex kits, Words words) {
        this.shelf = shelf;
        this.runs = runs;
        this.kits = kits;
        this.words = words;
    }

    @Override
    public Right right() {
        return Right.SHELF;
    }

    @Override
    public Hits find(String typed) {
        return new Hits("bags", shelf.named(typed).map(runs::bag).map(bag -> List.of(hit(bag))).orElse(List.of()), "");
    }

    private Hit hit(Bag bag) {
        String kit = kits.titles(List.of(bag.kitId())).values().stream().map(title -> title.name()).findFirst().orElse("");
        return new Hit(words.text("shelf.bag.title", bag.code()), kit, "/shelf/bags/" + bag.code());
    }
}
