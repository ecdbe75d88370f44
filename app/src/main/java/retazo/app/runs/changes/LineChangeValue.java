package retazo.app.runs.changes;

import java.util.Optional;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import org.jspecify.annotations.Nullable;

/** A line of a bag that lies elsewhere than before, as it is kept. */
@Embeddable
class LineChangeValue {

    @Column(name = "bag_line_id", nullable = false)
    private long bagLineId;

    @Column(name = "from_item")
    private @Nullable Long from;

    @Column(name = "to_item")
    private @Nullable Long to;

    protected LineChangeValue() {
    }

    static LineChangeValue of(RunChange.Line line) {
        LineChangeValue value = new LineChangeValue();
        value.bagLineId = line.bagLineId();
        value.from = line.from().orElse(null);
        value.to = line.to().orElse(null);
        return value;
    }

    RunChange.Line toLine() {
        return new RunChange.Line(bagLineId, Optional.ofNullable(from), Optional.ofNullable(to));
    }
}
