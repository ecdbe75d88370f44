package retazo.app.cutting;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.ShopCutText;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.BagNumbers;
import retazo.app.runs.book.Letters;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.RunBook;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.app.stock.goods.GoodService;
import retazo.core.cloth.Role;
import retazo.core.measure.Length;

/** The cuts of a ticket, as it shows them. */
@Component
class CutViews {

    private final RunBook runs;
    private final KitBook kits;
    private final GoodService goods;
    private final Words words;

    CutViews(RunBook runs, KitBook kits, GoodService goods, Words words) {
        this.runs = runs;
        this.kits = kits;
        this.goods = goods;
        this.words = words;
    }

    /**
     * A cut on the ticket.
     *
     * @param on     where it lies on the drawn bolt
     * @param pieces whether the shop cuts its pieces too, by a sheet of their own
     * @param into   what it is then cut into, in words; empty for one folded length
     * @param keep   left-overs that are kept of it, in words; empty for none
     */
    record CutView(
            long id, BagNumbers bags, String kit, String letters, String roles, LengthView length, LengthView inches, boolean done,
            Stretch on, boolean pieces, String into, String keep) {
    }

    /**
     * A stretch of the drawn bolt, in thousandths of all its cloth.
     *
     * @param x where it begins
     */
    record Stretch(long x, long width) {

        static Stretch of(Length from, Length length, Length all) {
            return new Stretch(permille(from, all), permille(length, all));
        }

        private static long permille(Length part, Length all) {
            return part.ticks() * 1000 / all.ticks();
        }
    }

    /**
     * The cuts one after the other.
     *
     * @param all the cloth that the bolt had before the first of them, above zero
     */
    List<CutView> of(List<PlannedCut> cuts, Length all) {
        Map<Long, Kit> byId = kits.byIds(cuts.stream().map(PlannedCut::kitId).collect(Collectors.toSet()));
        Map<Long, List<Bag.LeftOver>> kept = runs.leftOvers(
                cuts.stream().flatMap(cut -> cut.targets().stream()).map(PlannedCut.Target::bagLineId).toList());
        List<CutView> views = new ArrayList<>();
        Length at = Length.ZERO;
        for (PlannedCut cut : cuts) {
            Kit kit = requireNonNull(byId.get(cut.kitId()));
            views.add(new CutView(
                    cut.id(), cut.bags(), kit.sizeName(), cut.letters().toString(), roleNames(kit, cut.letters()),
                    LengthView.of(cut.length(), words.sellingUnit()), LengthView.cut(cut.length()), !cut.isPlanned(),
                    Stretch.of(at, cut.length(), all), kit.isCutByTheShop(),
                    cut.into().map(into -> ShopCutText.toCut(into, words)).orElse(""), keep(kept, cut)));
            at = at.plus(cut.length());
        }
        return views;
    }

    private String keep(Map<Long, List<Bag.LeftOver>> kept, PlannedCut cut) {
        return cut.targets().stream()
                .flatMap(target -> kept.getOrDefault(target.bagLineId(), List.of()).stream())
                .map(left -> left.count() + " × " + goods.good(left.goodId()).name())
                .collect(Collectors.joining(", "));
    }

    private static String roleNames(Kit kit, Letters letters) {
        return kit.pattern().design().roles().stream()
                .filter(role -> letters.all().contains(role.letter()))
                .map(Role::name)
                .collect(Collectors.joining(", "));
    }
}
