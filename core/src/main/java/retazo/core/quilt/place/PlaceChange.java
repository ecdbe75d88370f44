package retazo.core.quilt.place;

import java.util.function.Function;
import java.util.stream.Stream;
import retazo.core.block.shape.Turn;

/** What a designer changed by hand in what the rule of a quilt put in its places. It changes no count. */
public sealed interface PlaceChange {

    int MOST = 200;

    /** The places that it touches. */
    Stream<Place> places();

    <R> R match(Function<Turned, R> turned, Function<Traded, R> traded);

    /** A block turned further, clockwise. */
    record Turned(Place place, Turn by) implements PlaceChange {
        @Override
        public Stream<Place> places() {
            return Stream.of(place);
        }

        @Override
        public <R> R match(Function<Turned, R> turned, Function<Traded, R> traded) {
            return turned.apply(this);
        }
    }

    /** Two blocks of one kind that changed places; each lies as its new place asks. */
    record Traded(Place first, Place second) implements PlaceChange {
        @Override
        public Stream<Place> places() {
            return Stream.of(first, second);
        }

        @Override
        public <R> R match(Function<Turned, R> turned, Function<Traded, R> traded) {
            return traded.apply(this);
        }
    }
}
