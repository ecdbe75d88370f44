package retazo.core.kit;

import java.util.List;
import java.util.function.Function;
import retazo.core.cloth.PrintKind;

/** What a colourway gives to a role: a fabric, a precut, or a precut and a fabric for what it does not give. */
public sealed interface KitChoice {

    /** The things it takes, each by itself. */
    default List<Single> parts() {
        return match(List::of, List::of, both -> List.of(both.precut(), both.fabric()));
    }

    /** What is printed on it; where a precut stands beside a fabric, on that of the two whose print keeps its direction. */
    default PrintKind print() {
        return match(fabric -> fabric.fabric().print(), precut -> precut.good().print(),
                both -> both.precut().good().upright() ? both.precut().good().print() : both.fabric().fabric().print());
    }

    <R> R match(Function<Fabric, R> fabric, Function<Precut, R> precut, Function<Both, R> both);

    /** One thing. */
    sealed interface Single extends KitChoice {

        /** What the shop calls it; equal codes are one thing. */
        String code();

        default <R> R match(Function<Fabric, R> fabric, Function<Precut, R> precut) {
            return match(fabric, precut, both -> {
                throw new IllegalStateException("One thing is not both.");
            });
        }
    }

    /** A fabric off the bolt. */
    record Fabric(KitFabric fabric) implements Single {
        @Override
        public String code() {
            return fabric.code();
        }

        @Override
        public <R> R match(Function<Fabric, R> fabricChoice, Function<Precut, R> precut, Function<Both, R> both) {
            return fabricChoice.apply(this);
        }
    }

    /** Packs or loose pieces of a precut. */
    record Precut(KitGood good) implements Single {
        @Override
        public String code() {
            return good.code();
        }

        @Override
        public <R> R match(Function<Fabric, R> fabricChoice, Function<Precut, R> precut, Function<Both, R> both) {
            return precut.apply(this);
        }
    }

    /** Pieces that a precut gives come from it, all else off the bolt. */
    record Both(Precut precut, Fabric fabric) implements KitChoice {
        @Override
        public <R> R match(Function<Fabric, R> fabricChoice, Function<Precut, R> precutChoice, Function<Both, R> both) {
            return both.apply(this);
        }
    }
}
