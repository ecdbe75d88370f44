package retazo.core.kit;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import retazo.core.block.RoleKey;
import retazo.core.cutting.ClothPlan;
import retazo.core.explain.Figure;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.quilt.Use;

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
        return amount.match(Optional::of, printed -> Optional.empty(), units -> Optional.empty());
    }

    /** How much is needed. */
    public sealed interface Amount {

        /** The figure that is sold or picked, to be opened first. */
        Figure<?> headline();

        <R> R match(Function<Cloth, R> cloth, Function<PrintedCloth, R> printed, Function<Units, R> units);

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
            public <R> R match(Function<Cloth, R> cloth, Function<PrintedCloth, R> printed, Function<Units, R> units) {
                return cloth.apply(this);
            }
        }

        /**
         * A length as a pattern's paper prints it, not checked.
         *
         * @param exact the printed lengths together
         * @param sell  rounded up once to what is sold; no margin, since the paper has its own
         */
        record PrintedCloth(Figure<Length> usableWidth, Figure<Length> exact, Figure<Length> sell) implements Amount {
            @Override
            public Figure<?> headline() {
                return sell;
            }

            @Override
            public <R> R match(Function<Cloth, R> cloth, Function<PrintedCloth, R> printed, Function<Units, R> units) {
                return printed.apply(this);
            }
        }

        /** Packs or loose pieces of a precut, picked from stock. */
        record Units(Figure<Count> count) implements Amount {
            @Override
            public Figure<?> headline() {
                return count;
            }

            @Override
            public <R> R match(Function<Cloth, R> cloth, Function<PrintedCloth, R> printed, Function<Units, R> units) {
                return units.apply(this);
            }
        }
    }
}
