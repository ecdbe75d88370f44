package retazo.core.kit;

import java.util.Optional;
import java.util.function.Function;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.SheetSize;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.Quantity;
import retazo.core.quilt.size.PrintedAmount;

/** What is there for a role. */
public sealed interface AtHand {

    /** How much more would have to be there; empty where it is enough. */
    Optional<Quantity> missing(Quantity needed);

    /** What is over. */
    Quantity over(Quantity needed);

    /** How short it is, in thousandths of what is needed. */
    long shortage(Quantity needed);

    <R> R match(Function<Cloth, R> cloth, Function<Precuts, R> precuts);

    /** The precuts; empty for cloth. */
    default Optional<Precuts> asPrecuts() {
        return match(cloth -> Optional.empty(), Optional::of);
    }

    private static long amount(Quantity quantity) {
        return quantity.match(Length::ticks, exact -> 0L, Count::value, percent -> 0L);
    }

    /** A continuous length of cloth. */
    record Cloth(KitFabric fabric, Length length) implements AtHand {
        @Override
        public Optional<Quantity> missing(Quantity needed) {
            long more = amount(needed) - length.ticks();
            return more > 0 ? Optional.of(new Length(more)) : Optional.empty();
        }

        @Override
        public Length over(Quantity needed) {
            return new Length(length.ticks() - amount(needed));
        }

        @Override
        public long shortage(Quantity needed) {
            return (amount(needed) - length.ticks()) / Math.max(1, amount(needed) / 1_000);
        }

        @Override
        public <R> R match(Function<Cloth, R> cloth, Function<Precuts, R> precuts) {
            return cloth.apply(this);
        }
    }

    /** Strips, squares or quarters of a customary kind, counted; each gives pieces of one size only. */
    record Precuts(PrecutKind kind, Count sheets) implements AtHand {

        /** What somebody names: a pack counts as the fewest that makers put into one, a bundle of quarters as one quarter. */
        public static Precuts of(PrintedAmount.Precuts named) {
            int each = named.packs() ? named.kind().surelyInPack().orElse(1) : 1;
            return new Precuts(named.kind(), new Count((long) named.count() * each));
        }

        @Override
        public Optional<Quantity> missing(Quantity needed) {
            long more = amount(needed) - sheets.value();
            return more > 0 ? Optional.of(new Count(more)) : Optional.empty();
        }

        @Override
        public Count over(Quantity needed) {
            return new Count(sheets.value() - amount(needed));
        }

        @Override
        public long shortage(Quantity needed) {
            return (amount(needed) - sheets.value()) * 1_000 / Math.max(1, amount(needed));
        }

        @Override
        public <R> R match(Function<Cloth, R> cloth, Function<Precuts, R> precuts) {
            return precuts.apply(this);
        }

        /** How many pieces of this cut size one gives, the better way round: as many as fit side by side, times as many rows. */
        public long perSheet(Length one, Length other) {
            SheetSize sheet = kind.cautious().orElseThrow();
            long upright = fitting(sheet.length(), one) * fitting(sheet.width(), other);
            return Math.max(upright, fitting(sheet.length(), other) * fitting(sheet.width(), one));
        }

        private static long fitting(Length side, Length piece) {
            return side.wholeTimes(piece).value();
        }
    }
}
