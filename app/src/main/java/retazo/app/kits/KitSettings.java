package retazo.app.kits;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;
import retazo.app.shared.Seen;
import retazo.core.cloth.BackingSeams;
import retazo.core.cloth.LongLay;
import retazo.core.cloth.Margin;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Length;
import retazo.core.price.KitPrice;

/**
 * Settings that a kit has of its own, in place of its pattern's or the shop's.
 *
 * @param measures usable width, squaring and selling step, where they are its own
 * @param longStrips how borders and other long strips lie
 * @param backing    how the seams of its back run
 * @param directions which prints stay upright
 * @param price      by what a bag is priced, where it is not by its parts
 */
public record KitSettings(Map<PracticeMeasure, Length> measures, Optional<Margin> margin, Optional<LongLay> longStrips,
        Optional<BackingSeams> backing, KitDirections directions, Optional<KitPrice> price) {

    public static final KitSettings NONE = new KitSettings(Map.of(), Optional.empty(), Optional.empty(), Optional.empty(),
            KitDirections.CUSTOMARY, Optional.empty());

    public KitSettings {
        measures = Map.copyOf(measures);
    }

    /** Stands for these settings, and for no others. */
    public String mark() {
        return Seen.mark(Map.of(
                "measures", new TreeMap<>(measures).toString(), "margin", margin.toString(), "longStrips", longStrips.toString(),
                "backing", backing.toString(), "anyWay", new TreeSet<>(directions.anyWay()).toString(),
                "upright", new TreeSet<>(directions.upright()).toString(), "price", price.toString()));
    }

    /** Whether its cloth is planned otherwise than its pattern's and the shop's. */
    public boolean any() {
        return !measures.isEmpty() || margin.isPresent() || longStrips.isPresent() || backing.isPresent() || directions.any();
    }

    /** A practice with them. */
    ShopPractice on(ShopPractice practice) {
        ShopPractice own = practice;
        for (Map.Entry<PracticeMeasure, Length> measure : measures.entrySet()) {
            own = own.with(measure.getKey(), measure.getValue());
        }
        ShopPractice laid = longStrips.isPresent() ? own.with(own.lay().with(longStrips.get())) : own;
        ShopPractice backed = backing.isPresent() ? laid.with(laid.lay().with(backing.get())) : laid;
        return margin.map(backed::with).orElse(backed);
    }

    /** The same with long strips laid in another way. */
    public KitSettings with(LongLay lay) {
        return new KitSettings(measures, margin, Optional.of(lay), backing, directions, price);
    }

    /** The same with the seams of its back run in another way. */
    public KitSettings with(BackingSeams seams) {
        return new KitSettings(measures, margin, longStrips, Optional.of(seams), directions, price);
    }

    /** The same with another margin. */
    public KitSettings with(Margin other) {
        return new KitSettings(measures, Optional.of(other), longStrips, backing, directions, price);
    }

    /** The same with another price. */
    public KitSettings priced(Optional<KitPrice> other) {
        return new KitSettings(measures, margin, longStrips, backing, directions, other);
    }

    /** The same with other prints upright. */
    public KitSettings with(KitDirections others) {
        return new KitSettings(measures, margin, longStrips, backing, others, price);
    }

    /** The same on cloth of a usable width, whatever its fabrics are. */
    public KitSettings onWidth(Length usableWidth) {
        Map<PracticeMeasure, Length> more = new EnumMap<>(PracticeMeasure.class);
        more.putAll(measures);
        more.put(PracticeMeasure.USABLE_WIDTH, usableWidth);
        return new KitSettings(more, margin, longStrips, backing, directions, price);
    }

    /** The usable width of its own that its cloths are planned on. */
    public Optional<Length> width() {
        return Optional.ofNullable(measures.get(PracticeMeasure.USABLE_WIDTH));
    }

    /** What of a practice differs from another one, but for the usable width, which is first its fabric's. */
    public static KitSettings between(ShopPractice shop, ShopPractice wanted) {
        Map<PracticeMeasure, Length> measures = new EnumMap<>(PracticeMeasure.class);
        for (PracticeMeasure measure : List.of(
                PracticeMeasure.SQUARING, PracticeMeasure.SELLING_STEP, PracticeMeasure.OTHER_SELLING_STEP,
                PracticeMeasure.THIRD_SELLING_STEP)) {
            if (!shop.length(measure).equals(wanted.length(measure))) {
                measures.put(measure, wanted.length(measure));
            }
        }
        return new KitSettings(
                measures, shop.margin().equals(wanted.margin()) ? Optional.empty() : Optional.of(wanted.margin()),
                shop.lay().longStrips() == wanted.lay().longStrips() ? Optional.empty() : Optional.of(wanted.lay().longStrips()),
                shop.lay().backing() == wanted.lay().backing() ? Optional.empty() : Optional.of(wanted.lay().backing()),
                KitDirections.CUSTOMARY, Optional.empty());
    }
}
