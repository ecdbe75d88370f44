package retazo.core.kit;

import java.util.List;
import java.util.function.Function;

/** What a colourway gives to a role: a fabric, a precut, or a precut and a fabric for what it does not give. */
public sealed interface KitChoice {

    /** The things it takes, each by itself. */
    default List<Single> parts() {
        return match(List::of, List::of, both -> List.of(both.precut(), both.fabric()));
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
