package retazo.app.orders.pages;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import retazo.app.orders.CameBolt;
import retazo.app.shared.FieldReader;
import retazo.app.shared.TypedRows;
import retazo.app.stock.NewBolt;
import retazo.app.stock.bulk.TypedBolt;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Problem;

/**
 * A bolt that may have come, as typed. One without a lot has not come.
 *
 * @param line of the order
 */
public record BoltLineForm(
        int row, long line, String code, String length, String lot, String place, boolean measured, boolean damaged, String note) {

    static BoltLineForm of(int row, Map<String, String> typed) {
        return new BoltLineForm(
                row, number(TypedRows.text(typed, "line")), TypedRows.text(typed, "code"), TypedRows.text(typed, "length"),
                TypedRows.text(typed, "lot"), TypedRows.text(typed, "place"), typed.containsKey("measured"),
                typed.containsKey("damaged"), TypedRows.text(typed, "note"));
    }

    private static long number(String text) {
        return text.matches("\\d{1,15}") ? Long.parseLong(text) : 0;
    }

    public String field(String name) {
        return "line" + row + "." + name;
    }

    /** Whether something is said of it that says it came. */
    public boolean hasCome() {
        return !lot.isEmpty() || damaged;
    }

    /** Those that came, read; problems stand at their fields, and where nothing came at {@code lots}. */
    static List<CameBolt> read(List<BoltLineForm> typed, LengthUnit unit, FieldReader reader) {
        List<CameBolt> came = new ArrayList<>();
        for (BoltLineForm bolt : typed) {
            if (bolt.hasCome()) {
                came.add(bolt.read(unit, reader));
            }
        }
        if (came.isEmpty()) {
            reader.add(Problem.of("delivery.nothing"));
        }
        return came;
    }

    /** One that goes back needs no number and no lot; any other is read like every bolt that comes in. */
    private CameBolt read(LengthUnit unit, FieldReader reader) {
        String said = reader.optionalText(field("note"), note, 200);
        if (damaged) {
            return new CameBolt(
                    line, code, reader.lengthAboveZero(field("length"), length, unit, TypedBolt.LONGEST),
                    reader.optionalText(field("lot"), lot, 30), reader.optionalText(field("place"), place, 40), measured, true, said);
        }
        FieldReader own = new FieldReader();
        NewBolt read = new TypedBolt(code, lot, place, length, "", measured).read(own, 0, Length.ZERO, unit);
        reader.addAll(own.problems().stream().map(one -> one.movedTo(field(one.place()))).toList());
        return new CameBolt(line, read.code(), read.length(), read.lot(), read.place(), measured, false, said);
    }
}
