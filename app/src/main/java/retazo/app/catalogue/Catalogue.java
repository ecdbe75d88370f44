package retazo.app.catalogue;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.springframework.data.domain.Slice;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.index.KitFilter;
import retazo.app.kits.index.KitIndex;
import retazo.app.kits.index.KitTitle;
import retazo.app.kits.possible.KitPrices;
import retazo.app.kits.possible.PossibleKits;
import retazo.app.runs.KitsAtHand;
import retazo.app.shared.FractionText;
import retazo.app.shared.MoneyText;
import retazo.app.shared.Words;
import retazo.core.bolt.KitsPossible;
import retazo.core.measure.Money;

/**
 * Finds kits as pictures show them. What the names say is asked of the database; price and what can be cut are worked out kit by kit, so
 * a search for those looks through a bounded number of kits at a time and says where it goes on.
 */
@Service
@Transactional(readOnly = true)
class Catalogue {

    private static final int SHOWN = 24;
    private static final int LOOKED_THROUGH = 240;

    private final KitIndex index;
    private final KitBook kits;
    private final PossibleKits possible;
    private final KitPrices prices;
    private final KitsAtHand atHand;
    private final Words words;

    Catalogue(KitIndex index, KitBook kits, PossibleKits possible, KitPrices prices, KitsAtHand atHand, Words words) {
        this.index = index;
        this.kits = kits;
        this.possible = possible;
        this.prices = prices;
        this.atHand = atHand;
        this.words = words;
    }

    /**
     * A kit in it.
     *
     * @param finished its sides when it is sewn; empty where its pattern does not say
     * @param there    on the shelf and put aside for nobody
     * @param next     the number of the bag that is there longest
     * @param possible how many can be cut now, as if it were the only one
     * @param stops    what the next one is short of
     * @param lasts    whether its line has ended: there is what is on the shelf
     * @param price    empty where a price of something in it is not known
     */
    record Entry(
            Kit kit, FractionText finished, long there, Optional<String> next, long possible, String stops, boolean lasts,
            Optional<Money> price) {

        public boolean isNow() {
            return there > 0 || possible > 0 && !lasts;
        }

        public String priceText() {
            return price.map(MoneyText::of).orElse("");
        }
    }

    /**
     * Some of them.
     *
     * @param looked how many kits were looked through
     * @param next   how many were passed by then; 0 where none is left
     */
    record Found(List<Entry> entries, int looked, int next) {
    }

    Found find(CatalogueQuestion asked, Optional<Money> upTo) {
        List<Entry> entries = new ArrayList<>();
        int at = asked.from();
        boolean more = true;
        while (more && entries.size() < SHOWN && at - asked.from() < LOOKED_THROUGH) {
            KitFilter filter = new KitFilter(asked.words(), asked.size(), asked.range(), asked.there(), asked.lasts());
            Slice<KitTitle> some = index.filtered(filter, at, SHOWN);
            List<Long> ids = some.map(KitTitle::id).getContent();
            Map<Long, Entry> byId = new HashMap<>();
            entries(kits.inOrder(ids)).forEach(entry -> byId.put(entry.kit().id(), entry));
            more = some.hasNext();
            for (int i = 0; i < ids.size(); i++) {
                if (entries.size() == SHOWN) {
                    more = true;
                    break;
                }
                at++;
                Optional.ofNullable(byId.get(ids.get(i))).filter(entry -> fits(entry, asked, upTo)).ifPresent(entries::add);
            }
        }
        return new Found(entries, at - asked.from(), more ? at : 0);
    }

    private static boolean fits(Entry entry, CatalogueQuestion asked, Optional<Money> upTo) {
        return (!asked.there() || entry.there() > 0)
                && (!asked.now() || entry.isNow())
                && (upTo.isEmpty() || entry.price().filter(price -> price.minor() <= upTo.get().minor()).isPresent());
    }

    /** Of kits, in their order. */
    List<Entry> entries(List<Kit> shown) {
        List<KitsPossible> can = possible.of(shown);
        KitPrices.Told told = prices.of(shown);
        Map<Long, KitTitle> titles = index.titles(shown.stream().map(Kit::id).toList());
        KitsAtHand.AtHand there = atHand.of(shown.stream().map(Kit::id).toList());
        return IntStream.range(0, shown.size()).mapToObj(i -> {
            Kit kit = shown.get(i);
            return new Entry(
                    kit, told.size(kit), there.free(kit.id()), there.next(kit.id()), can.get(i).bags().value(),
                    words.list(kit.names(can.get(i).stoppedBy())),
                    Optional.ofNullable(titles.get(kit.id())).map(KitTitle::ended).orElse(false), told.amount(kit));
        }).toList();
    }

    Entry entry(long kitId) {
        return entries(List.of(kits.kit(kitId))).get(0);
    }

    /** The other sizes in the same colours, by size. */
    List<Entry> otherSizes(Kit kit) {
        return entries(kits.inOrder(
                index.ofColourway(kit.id()).stream().map(KitTitle::id).filter(id -> id != kit.id()).toList()));
    }

    /** The same size in other colours, by their names. */
    List<Entry> otherColours(Kit kit, int most) {
        return entries(kits.inOrder(index.otherColours(kit.id(), most).stream().map(KitTitle::id).toList()));
    }
}
