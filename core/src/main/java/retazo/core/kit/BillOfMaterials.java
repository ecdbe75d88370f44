package retazo.core.kit;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import retazo.core.quilt.QuiltDesign;

/**
 * All that goes into one bag of a kit.
 *
 * @param lines in the order of the letters of their first roles
 */
public record BillOfMaterials(List<BillLine> lines) {

    public BillOfMaterials {
        lines = List.copyOf(lines);
    }

    /** The bill for needs by fabric code. */
    public static BillOfMaterials of(QuiltDesign design, Map<String, Need> needsByFabric) {
        List<BillLine> lines = new ArrayList<>();
        needsByFabric.forEach((code, need) -> lines.add(need.amount().match(cloth -> new BillLine.Cut(
                code,
                need.roles().stream().map(role -> design.role(role).letter()).toList(),
                cloth.plan().exact().value(),
                cloth.sell().value(),
                cloth.plan().usableWidth().value()))));
        return new BillOfMaterials(lines);
    }
}
