package retazo.app.buying.pages;

import org.jspecify.annotations.Nullable;
import retazo.app.orders.Supplier;
import retazo.app.shared.FieldReader;
import retazo.app.stock.bulk.TypedBolt;
import retazo.core.measure.LengthParts;
import retazo.core.measure.LengthUnit;

/** What is kept of a supplier, as typed. */
public record SupplierForm(
        @Nullable String name, @Nullable String leadDays, @Nullable String cycleWeeks, @Nullable String bolt, @Nullable String account,
        @Nullable String address) {

    static SupplierForm of(Supplier supplier, LengthUnit unit) {
        return new SupplierForm(
                supplier.name(), Integer.toString(supplier.leadDays()), Integer.toString(supplier.cycleWeeks()),
                LengthParts.exactText(supplier.bolt(), unit), supplier.account(), supplier.address());
    }

    /** With problems in the reader it must not be used. */
    Supplier read(FieldReader reader, LengthUnit unit) {
        return new Supplier(
                0, reader.text("name", name, 60), reader.number("leadDays", leadDays, 1, 365),
                reader.number("cycleWeeks", cycleWeeks, 1, 26), reader.lengthAboveZero("bolt", bolt, unit, TypedBolt.LONGEST),
                reader.optionalText("account", account, 60), reader.optionalText("address", address, 200));
    }
}
