package retazo.core.explain;

import java.util.List;
import java.util.function.Function;

/** How a figure came about. */
public sealed interface Working {

    <R> R match(Function<Given, R> given, Function<Worked, R> worked);

    /** Somebody typed it, or the craft fixes it. */
    record Given(Origin origin) implements Working {
        @Override
        public <R> R match(Function<Given, R> given, Function<Worked, R> worked) {
            return given.apply(this);
        }
    }

    /** Worked from other figures, in the order in which the operation takes them. */
    record Worked(Operation operation, List<Figure<?>> operands) implements Working {
        public Worked {
            operands = List.copyOf(operands);
        }

        @Override
        public <R> R match(Function<Given, R> given, Function<Worked, R> worked) {
            return worked.apply(this);
        }
    }
}
