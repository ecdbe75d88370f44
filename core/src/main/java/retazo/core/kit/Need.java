package retazo.core.kit;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.RoleKey;
import retazo.core.cutting.ClothPlan;
import retazo.core.explain.Figure;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.precut.SheetPlan;
import retazo.core.quilt.setting.Use;

/**
 * What a quilt takes of one fabric or precut: the roles that share it, what they use it for, and how much.
 *
 * @param roles one or more, in the order of their letters
 */
public record Need(List<RoleKey> roles, List<Use> uses, Amount amount) {

    public Need {
        roles = List.copyOf(roles);
        uses = List.copyOf(uses);
    }

    /** The length of cloth whose plan is known; empty for a printed length and for precuts. */
    public Optional<Amount.Cloth> cloth() {
        return amount.match(Optional::of, printed -> Optional.empty(), quarters -> Optional.empty(), units -> Optional.empty());
    }

    /**
     * The quarters or eighths that the shop cuts its length into, as planned or as the paper asks; empty for a folded length and
     * for precuts.
     */
    public Optional<ShopCut> quarters() {
        return amount.match(
                cloth -> Optional.empty(), Amount.PrintedCloth::into,
                quarters -> Optional.of(new ShopCut(quarters.kind(), quarters.sheets().value())), units -> Optional.empty());
    }

    /** The length off the bolt, as sold; empty for precuts. */
    public Optional<Figure<Length>> sold() {
        return amount.match(
                cloth -> Optional.of(cloth.sell()), printed -> Optional.of(printed.sell()), quarters -> Optional.of(quarters.sell()),
                units -> Optional.empty());
    }

    /** The exact length off the bolt; empty for precuts. */
    public Optional<Figure<Length>> exact() {
        return amount.match(
                cloth -> Optional.of(cloth.plan().exact()), printed -> Optional.of(printed.exact()),
                quarters -> Optional.of(quarters.exact()),
                units -> Optional.empty());
    }

    /** How many packs or loose precuts are picked; empty for a length. */
    public Optional<Figure<Count>> picked() {
        return amount.match(cloth -> Optional.empty(), printed -> Optional.empty(), quarters -> Optional.empty(),
                units -> Optional.of(units.count()));
    }

    /** Whether it is met by precuts, or by quarters cut in the shop where that is the source. */
    boolean isFrom(RoleSource source) {
        return amount.match(cloth -> false, printed -> false, quarters -> source.cutInTheShop(), units -> !source.cutInTheShop());
    }

    /** How much is needed. */
    public sealed interface Amount {

        /** The figure that is sold or picked, to be opened first. */
        Figure<?> headline();

        <R> R match(Function<Cloth, R> cloth, Function<PrintedCloth, R> printed, Function<Quarters, R> quarters, Function<Units, R> units);

        /**
         * A length of cloth.
         *
         * @param plan how it is cut
         * @param sell the length to sell, with margin and rounded up once
         */
        record Cloth(ClothPlan plan, Figure<Length> sell) implements Amount {
            @Override
            public Figure<?> headline() {
                return sell;
            }

            @Override
            public <R> R match(
                    Function<Cloth, R> cloth, Function<PrintedCloth, R> printed, Function<Quarters, R> quarters, Function<Units, R> units) {
                return cloth.apply(this);
            }
        }

        /**
         * A length as a pattern's paper prints it, not checked.
         *
         * @param exact the printed lengths together
         * @param sell  rounded up once to what is sold; no margin, since the paper has its own
         * @param into  what the shop cuts the length into, where the paper asks for quarters or eighths only
         */
        record PrintedCloth(Figure<Length> usableWidth, Figure<Length> exact, Figure<Length> sell,
                Optional<ShopCut> into) implements Amount {
            @Override
            public Figure<?> headline() {
                return sell;
            }

            @Override
            public <R> R match(
                    Function<Cloth, R> cloth, Function<PrintedCloth, R> printed, Function<Quarters, R> quarters, Function<Units, R> units) {
                return printed.apply(this);
            }
        }

        /**
         * A length that the shop cuts into quarters or eighths, from which the pieces come.
         *
         * @param plan   which of them are cut how
         * @param sheets how many
         * @param exact  the length off the bolt for all of them
         * @param sell   rounded up once to what is sold; no margin, since what a whole quarter has over is the maker's
         */
        record Quarters(
                PrecutKind kind, SheetPlan plan, Figure<Length> usableWidth, Figure<Count> sheets, Figure<Length> exact,
                Figure<Length> sell)
                implements
                    Amount {
            @Override
            public Figure<?> headline() {
                return sell;
            }

            @Override
            public <R> R match(
                    Function<Cloth, R> cloth, Function<PrintedCloth, R> printed, Function<Quarters, R> quarters, Function<Units, R> units) {
                return quarters.apply(this);
            }
        }

        /**
         * Packs or loose pieces of a precut, picked from stock.
         *
         * @param plan   which of them are cut how; empty where the pattern says how many pieces each gives
         * @param prints which print goes where; empty where they are mixed freely
         * @param pieces that come from them; none where only a number is printed
         */
        record Units(
                Figure<Count> count, Optional<SheetPlan> plan, Optional<PrintPlan> prints, List<SheetPiece> pieces) implements Amount {
            public Units {
                pieces = List.copyOf(pieces);
            }

            @Override
            public Figure<?> headline() {
                return count;
            }

            @Override
            public <R> R match(
                    Function<Cloth, R> cloth, Function<PrintedCloth, R> printed, Function<Quarters, R> quarters, Function<Units, R> units) {
                return units.apply(this);
            }
        }
    }
}
