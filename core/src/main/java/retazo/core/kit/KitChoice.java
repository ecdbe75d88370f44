package retazo.core.kit;

import java.util.function.Function;

/** What a colourway gives to a role. */
public sealed interface KitChoice {

    /** What the shop calls it; equal codes are one thing. */
    String code();

    <R> R match(Function<Fabric, R> fabric, Function<Precut, R> precut);

    /** A fabric off the bolt. */
    record Fabric(KitFabric fabric) implements KitChoice {
        @Override
        public String code() {
            return fabric.code();
        }

        @Override
        public <R> R match(Function<Fabric, R> fabricChoice, Function<Precut, R> precut) {
            return fabricChoice.apply(this);
        }
    }

    /** Packs or loose pieces of a precut. */
    record Precut(KitGood good) implements KitChoice {
        @Override
        public String code() {
            return good.code();
        }

        @Override
        public <R> R match(Function<Fabric, R> fabricChoice, Function<Precut, R> precut) {
            return precut.apply(this);
        }
    }
}
