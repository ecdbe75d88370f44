package retazo.app.patterns;

import java.util.List;
import java.util.Optional;
import retazo.core.cloth.ClothKind;
import retazo.core.cloth.ClothPrice;
import retazo.core.cloth.ShopPractice;
import retazo.core.cloth.UsualPrices;
import retazo.core.kit.Instructions;
import retazo.core.kit.Need;
import retazo.core.measure.Length;
import retazo.core.precut.RoleFromPrecuts;

/**
 * What the page of a cloth is made from.
 *
 * @param needing      what the cloth is needed for
 * @param usableWidth  of the cloth
 * @param instructions that the length is sold by
 * @param compared     what its plan is set beside
 */
public record ClothQuestion(Needing needing, Length usableWidth, Instructions instructions, ShopPractice practice, Compared compared) {

    /** What a cloth is needed for, by a practice, by somebody's instructions, on a usable width; empty for nothing. */
    public interface Needing {
        Optional<Need> need(ShopPractice practice, Instructions instructions, Length usableWidth);
    }

    /**
     * What a plan is set beside.
     *
     * @param kits    how many are to be cut together; 0 for none
     * @param kind    of the cloth
     * @param price   of the cloth; empty where nobody knows
     * @param usual   what precuts usually cost
     * @param precuts the same from the kinds of precuts that serve; none where several roles share the cloth
     */
    public record Compared(int kits, ClothKind kind, Optional<ClothPrice> price, UsualPrices usual, List<RoleFromPrecuts> precuts) {
        public Compared {
            precuts = List.copyOf(precuts);
        }
    }

    /** By instructions, on the usable width. */
    Optional<Need.Amount.Cloth> cloth(Instructions by) {
        return cloth(practice, by, usableWidth);
    }

    Optional<Need.Amount.Cloth> cloth(ShopPractice by, Instructions whose, Length width) {
        return needing.need(by, whose, width)
                .flatMap(Need::cloth);
    }
}
