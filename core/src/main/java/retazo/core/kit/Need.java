package retazo.core.kit;

import java.util.List;
import retazo.core.block.RoleKey;
import retazo.core.cutting.ClothPlan;
import retazo.core.explain.Figure;
import retazo.core.measure.Length;
import retazo.core.quilt.Use;

/**
 * What a quilt takes of one fabric: the roles that share it, what they use it for, and how much.
 *
 * @param roles one or more, in the order of their letters
 */
public record Need(List<RoleKey> roles, List<Use> uses, Amount amount) {

    public Need {
        roles = List.copyOf(roles);
        uses = List.copyOf(uses);
    }

    /** How much of a fabric is needed. */
    public sealed interface Amount {

        <R> R match(java.util.function.Function<Cloth, R> cloth);

        /**
         * A length of cloth.
         *
         * @param plan how it is cut
         * @param sell the length to sell, with margin and rounded up once
         */
        record Cloth(ClothPlan plan, Figure<Length> sell) implements Amount {
            @Override
            public <R> R match(java.util.function.Function<Cloth, R> cloth) {
                return cloth.apply(this);
            }
        }
    }
}
