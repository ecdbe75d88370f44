package retazo.core.cloth;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import retazo.core.measure.Count;
import retazo.core.measure.Length;

/** The factory-cut kinds of cloth that patterns ask for. */
public enum PrecutKind {
    /** Strips 2½ in wide across the cloth. */
    STRIP_ROLL("strip-roll"),
    /** Squares of 10 in. */
    SQUARES_10("squares-10"),
    /** Squares of 5 in. */
    SQUARES_5("squares-5"),
    /** About 18 × 21 in: half a yard cut in half across. */
    FAT_QUARTER("fat-quarter"),
    /** About 9 × 21 in: a quarter of a yard cut in half across. */
    FAT_EIGHTH("fat-eighth"),
    /** Any other that a shop has; its measure belongs to the item in stock. */
    OWN("own");

    private final String code;

    PrecutKind(String code) {
        this.code = code;
    }

    /** Its name in files. */
    public String code() {
        return code;
    }

    /** A customary kind by its name in files. */
    public static Optional<PrecutKind> ofCode(String code) {
        return customary().stream().filter(kind -> kind.code.equals(code)).findFirst();
    }

    /** The kinds that patterns print and makers agree on. */
    public static List<PrecutKind> customary() {
        return Stream.of(values()).filter(kind -> kind != OWN).toList();
    }

    /**
     * The measure to plan with, cautiously: a strip is as long as cloth of 40 in is wide, a quarter half an inch less than it is sold as.
     * A kind of the shop's own has none but what was measured.
     */
    public Optional<SheetSize> cautious() {
        return switch (this) {
            case STRIP_ROLL -> Optional.of(SheetSize.ofHalves(80, 5));
            case SQUARES_10 -> Optional.of(SheetSize.ofHalves(20, 20));
            case SQUARES_5 -> Optional.of(SheetSize.ofHalves(10, 10));
            case FAT_QUARTER -> Optional.of(SheetSize.ofHalves(41, 35));
            case FAT_EIGHTH -> Optional.of(SheetSize.ofHalves(41, 17));
            case OWN -> Optional.empty();
        };
    }

    /** The measure as it is sold: whether a sheet really has it, is found when the bundle comes and is measured. */
    public Optional<SheetSize> nominal() {
        return switch (this) {
            case STRIP_ROLL -> Optional.of(SheetSize.ofHalves(84, 5));
            case SQUARES_10 -> Optional.of(SheetSize.ofHalves(20, 20));
            case SQUARES_5 -> Optional.of(SheetSize.ofHalves(10, 10));
            case FAT_QUARTER -> Optional.of(SheetSize.ofHalves(42, 36));
            case FAT_EIGHTH -> Optional.of(SheetSize.ofHalves(42, 18));
            case OWN -> Optional.empty();
        };
    }

    /** The two customary numbers in a pack, the smaller one first; a bundle of quarters has none. */
    public List<Integer> customaryPacks() {
        return switch (this) {
            case STRIP_ROLL, SQUARES_10, SQUARES_5 -> List.of(40, 42);
            case FAT_QUARTER, FAT_EIGHTH, OWN -> List.of();
        };
    }

    /** How many one pack surely has, where makers differ; a bundle of quarters has no customary number. */
    public Optional<Integer> surelyInPack() {
        return switch (this) {
            case STRIP_ROLL, SQUARES_10, SQUARES_5 -> Optional.of(40);
            case FAT_QUARTER, FAT_EIGHTH, OWN -> Optional.empty();
        };
    }

    /** The length off a bolt from which the shop cuts two of them, where it does. */
    public Optional<Length> lengthForTwo() {
        return switch (this) {
            case FAT_QUARTER -> Optional.of(Length.ofInches(18));
            case FAT_EIGHTH -> Optional.of(Length.ofInches(9));
            case STRIP_ROLL, SQUARES_10, SQUARES_5, OWN -> Optional.empty();
        };
    }

    /** How wide one is that the shop cuts off cloth of a usable width: half as wide, since two lie side by side. */
    public static Length widthOf(Length usableWidth) {
        return new Length(usableWidth.ticks() / 2);
    }

    /** The measure of one that the shop cuts off cloth of a usable width: 20 × 18 in for a quarter of 40 in; empty where it cuts none. */
    public Optional<SheetSize> cutFrom(Length usableWidth) {
        return lengthForTwo().map(height -> SheetSize.of(widthOf(usableWidth), height));
    }

    /**
     * The length off the bolt for so many: ⌈sheets ÷ 2⌉ × the length that gives two.
     *
     * @throws IllegalArgumentException if the shop does not cut this kind
     */
    public Length lengthFor(Count sheets) {
        return lengthForTwo().orElseThrow(() -> new IllegalArgumentException("The shop does not cut " + this + " off a bolt."))
                .times(sheets.inGroupsOf(new Count(2)));
    }
}
