package retazo.app.orders.pages;

import java.util.ArrayList;
import java.util.Currency;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import retazo.app.fabrics.Fabric;
import retazo.app.orders.NewLine;
import retazo.app.shared.FieldReader;
import retazo.app.shared.TypedRows;
import retazo.app.stock.bulk.TypedBolt;
import retazo.core.cloth.ClothPrice;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Problem;

/**
 * A line of an order as typed.
 *
 * @param fabric its name or code
 * @param bolts  how many; none or zero leaves the fabric out
 */
public record LineForm(int row, String fabric, String bolts, String bolt, String cost) {

    static LineForm of(int row, Map<String, String> typed) {
        return new LineForm(
                row, TypedRows.text(typed, "fabric"), TypedRows.text(typed, "bolts"), TypedRows.text(typed, "bolt"),
                TypedRows.text(typed, "cost"));
    }

    /** The same in another row. */
    LineForm at(int otherRow) {
        return new LineForm(otherRow, fabric, bolts, bolt, cost);
    }

    /** How its fields are called. */
    public String field(String name) {
        return "line" + row + "." + name;
    }

    private boolean isLeftOut() {
        return fabric.isEmpty() && bolts.isEmpty() || bolts.matches("0*");
    }

    /**
     * Reads all lines; problems stand at their fields.
     *
     * @param named the fabric that a text names
     * @param usual how long the supplier's bolts are
     */
    static List<NewLine> read(
            List<LineForm> lines, Function<String, Optional<Fabric>> named, Length usual, LengthUnit unit, Currency currency,
            FieldReader reader) {
        List<NewLine> read = new ArrayList<>();
        Set<Long> seen = new HashSet<>();
        for (LineForm line : lines) {
            if (!line.isLeftOut()) {
                Optional<Fabric> fabric = named.apply(line.fabric);
                if (fabric.isEmpty()) {
                    reader.add(Problem.at(line.field("fabric"), "receive.fabric"));
                } else if (!seen.add(fabric.get().id())) {
                    reader.add(Problem.at(line.field("fabric"), "order.fabric-twice", fabric.get().name()));
                }
                int count = reader.number(line.field("bolts"), line.bolts, 1, NewLine.MOST_BOLTS);
                Length each = line.bolt.isEmpty() ? usual : reader.lengthAboveZero(line.field("bolt"), line.bolt, unit, TypedBolt.LONGEST);
                Optional<ClothPrice> price = reader.money(line.field("cost"), line.cost, currency).map(one -> new ClothPrice(one, unit));
                fabric.ifPresent(one -> read.add(new NewLine(one.id(), count, each, price, "")));
            }
        }
        return read;
    }
}
