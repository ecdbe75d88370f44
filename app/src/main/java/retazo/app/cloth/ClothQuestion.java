package retazo.app.cloth;

import java.util.List;
import java.util.Optional;
import retazo.core.cloth.ClothKind;
import retazo.core.cloth.ClothPrice;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.PrintKind;
import retazo.core.cloth.Role;
import retazo.core.cloth.ShopPractice;
import retazo.core.cloth.UsualPrices;
import retazo.core.kit.Instructions;
import retazo.core.kit.Need;
import retazo.core.kit.Planners;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/**
 * What the page of a cloth is made from.
 *
 * @param needing      what the cloth is needed for
 * @param usableWidth  of the cloth
 * @param instructions that the length is sold by
 * @param compared     what its plan is set beside
 * @param planners     whom to ask for what takes long
 */
public record ClothQuestion(Needing needing, Length usableWidth, Instructions instructions, ShopPractice practice, Compared compared,
        Planners planners) {

    /** What a cloth is needed for, by a practice, by somebody's instructions, on a usable width; empty for nothing. */
    public interface Needing {
        Optional<Need> need(ShopPractice practice, Instructions instructions, Length usableWidth);
    }

    /** What may be chosen on the page. */
    public enum MayChoose {
        /** Nothing: ways are only compared. */
        NOTHING,
        /** What the pieces come from. */
        SOURCE,
        /** That, and by which plan the whole cloth is cut. */
        EVERYTHING
    }

    /**
     * What a plan is set beside.
     *
     * @param batch     what is to be cut together
     * @param kind      of the cloth
     * @param price     of the cloth; empty where nobody knows
     * @param usual     what precuts usually cost
     * @param others    the same from other sources
     * @param lies      how its print lies
     */
    public record Compared(Batch batch, ClothKind kind, Optional<ClothPrice> price, UsualPrices usual, List<Other> others,
            MayChoose mayChoose, Lies lies) {
        public Compared {
            others = List.copyOf(others);
        }

        /** Whether the pieces come from the whole cloth, as far as is chosen. */
        boolean isWhole() {
            return others.stream().noneMatch(Other::chosen);
        }
    }

    /**
     * How the print of a cloth lies.
     *
     * @param print     what is printed on it
     * @param upright   whether it stays upright, where it keeps a direction
     * @param mayChoose whether that, and the seams of a back, may be chosen on the page
     * @param against   what of it cannot stand upright
     * @param otherwise what is needed the other way: any way, or upright; empty where the print has no direction
     */
    public record Lies(PrintKind print, boolean upright, boolean mayChoose, List<Problem> against, Optional<Needing> otherwise) {

        public Lies {
            against = List.copyOf(against);
        }
    }

    /**
     * Kits and cloths that are cut together.
     *
     * @param kits  how many; 0 for none
     * @param alike other cloths of the kit that are cut by the same list, by name
     */
    public record Batch(int kits, List<String> alike) {

        public static final Batch NONE = new Batch(0, List.of());

        public Batch {
            alike = List.copyOf(alike);
        }
    }

    /**
     * Another source than the whole cloth.
     *
     * @param code   that chooses it
     * @param kind   of the precuts, or of the quarters cut in the shop
     * @param role   whose pieces come from precuts; empty for a cloth that is cut into quarters
     * @param inPack how many precuts one pack has; 1 for loose ones
     * @param needs  what it takes, with cloth for what precuts do not give
     * @param offers what there is of these precuts
     */
    public record Other(String code, PrecutKind kind, Optional<Role> role, int inPack, List<Need> needs, List<Offer> offers,
            boolean chosen) {
        public Other {
            needs = List.copyOf(needs);
            offers = List.copyOf(offers);
        }
    }

    /** Precuts in stock by their code. */
    public record Offer(String code, String name) {
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
