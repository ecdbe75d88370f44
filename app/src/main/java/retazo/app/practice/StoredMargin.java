package retazo.app.practice;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import retazo.core.cloth.Margin;
import retazo.core.measure.Length;
import retazo.core.measure.Percent;

/** A margin as it is kept: hundredths of a percent, of which 0 is no margin; or a length; or neither where nothing is said. */
@Embeddable
public class StoredMargin {

    @Column(name = "margin_hundredths")
    private @Nullable Integer hundredths;

    @Column(name = "margin_ticks")
    private @Nullable Length length;

    protected StoredMargin() {
    }

    public static StoredMargin of(Optional<Margin> margin) {
        StoredMargin stored = new StoredMargin();
        margin.ifPresent(said -> {
            stored.hundredths = said.<Optional<Integer>>match(
                    none -> Optional.of(0), share -> Optional.of(share.percent().hundredths()), extra -> Optional.empty()).orElse(null);
            stored.length = said.<Optional<Length>>match(
                    none -> Optional.empty(), share -> Optional.empty(), extra -> Optional.of(extra.length())).orElse(null);
        });
        return stored;
    }

    /** The margin, or empty where nothing is said; what is kept of nothing is read as null. */
    public static Optional<Margin> read(@Nullable StoredMargin stored) {
        if (stored == null) {
            return Optional.empty();
        }
        Optional<Margin> share = Optional.ofNullable(stored.hundredths)
                .map(kept -> kept == 0 ? new Margin.None() : new Margin.Share(new Percent(kept)));
        return Optional.ofNullable(stored.length).<Margin>map(Margin.Extra::new).or(() -> share);
    }
}
