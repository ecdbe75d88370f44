package retazo.core.block.spec;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import retazo.core.measure.Length;

/**
 * How much larger something is drawn: every length of it by {@code to ÷ from}.
 *
 * @param to   above zero
 * @param from above zero
 */
public record Scale(Length to, Length from) {

    /**
     * @throws IllegalArgumentException if a length is not above zero
     */
    public Scale {
        if (!to.isPositive() || !from.isPositive()) {
            throw new IllegalArgumentException("Nothing is scaled from " + from + " to " + to + ".");
        }
    }

    /** The scaled length; empty where it falls between two ticks. */
    public Optional<Length> of(Length length) {
        BigInteger[] parts = BigInteger.valueOf(length.ticks()).multiply(BigInteger.valueOf(to.ticks()))
                .divideAndRemainder(BigInteger.valueOf(from.ticks()));
        return parts[1].signum() == 0 ? Optional.of(new Length(parts[0].longValueExact())) : Optional.empty();
    }

    public Optional<List<Length>> of(List<Length> lengths) {
        List<Length> scaled = new ArrayList<>();
        lengths.forEach(length -> of(length).ifPresent(scaled::add));
        return scaled.size() == lengths.size() ? Optional.of(scaled) : Optional.empty();
    }
}
