package retazo.core.kit;

import java.util.Optional;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.PrintKind;
import retazo.core.cloth.SheetSize;
import retazo.core.measure.Count;
import retazo.core.precut.RoleFromPrecuts;
import retazo.core.quilt.piece.PieceNeed;

/**
 * A counted precut as a kit sees it.
 *
 * @param code    unique in the shop
 * @param perUnit how many strips, squares or quarters one unit of stock has: 40 in a pack, 1 for loose pieces
 * @param measured how large one really is, where somebody measured it; a kind of the shop's own always was
 * @param prints  which prints it has, and which of them go together
 * @param upright whether its pieces stay the way the print of a sheet reads, along its length off the bolt
 */
public record KitGood(String code, PrecutKind kind, Count perUnit, Optional<SheetSize> measured, PackPrints prints,
        boolean upright) {

    /**
     * @throws IllegalArgumentException if nobody knows how large one is
     */
    public KitGood {
        if (measured.or(kind::cautious).isEmpty()) {
            throw new IllegalArgumentException("Nobody measured '" + code + "', a kind of the shop's own.");
        }
    }

    /** Of prints that nobody knows, mixed freely. */
    public static KitGood mixed(String code, PrecutKind kind, Count perUnit, Optional<SheetSize> measured) {
        return new KitGood(code, kind, perUnit, measured, PackPrints.UNKNOWN, false);
    }

    /** As it is customarily sold: in the smaller pack where makers differ, loose where there is no customary number. */
    public static KitGood customary(String code, PrecutKind kind) {
        return mixed(code, kind, new Count(kind.surelyInPack().orElse(1)), Optional.empty());
    }

    /** The same with what is known of its prints. */
    public KitGood with(PackPrints known) {
        return new KitGood(code, kind, perUnit, measured, known, upright);
    }

    /** The same with pieces that stay the way its prints read. */
    public KitGood keptUpright() {
        return new KitGood(code, kind, perUnit, measured, prints, true);
    }

    /** What is printed on it, as far as it matters to cutting: prints of a bundle lie any way, unless they are kept upright. */
    PrintKind print() {
        return upright ? PrintKind.ONE_WAY : PrintKind.ALL_OVER;
    }

    /** How many units of stock so many sheets take: ⌈sheets ÷ pack⌉. */
    public Count units(Count sheets) {
        return sheets.inGroupsOf(perUnit);
    }

    /** How many sheets of one unit are not left out; at least one, since nobody puts packs into a bag that serve nothing. */
    Count usablePerUnit() {
        return new Count(Math.max(1, perUnit.value() - prints.dropped()));
    }

    /** Whether one of them gives a piece, by its cut list or by its measure. */
    boolean gives(PieceNeed piece) {
        return piece.precut().map(precut -> precut.kind() == kind).orElse(false) || RoleFromPrecuts.gives(sheet(), piece, print());
    }

    /** How large one is: as measured, or cautiously. */
    public SheetSize sheet() {
        return measured.or(kind::cautious).orElseThrow();
    }

    boolean isLoose() {
        return perUnit.equals(Count.ONE);
    }
}
