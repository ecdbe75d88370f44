package retazo.core.kit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.quilt.design.QuiltDesign;

/**
 * All that goes into one bag of a kit.
 *
 * @param lines in the order of the letters of their first roles, then what is no cloth
 */
public record BillOfMaterials(List<BillLine> lines) {

    public BillOfMaterials {
        lines = List.copyOf(lines);
    }

    /** The bill for needs by code. */
    public static BillOfMaterials of(QuiltDesign design, Map<String, Need> needsByCode) {
        List<BillLine> lines = new ArrayList<>();
        needsByCode.forEach((code, need) -> {
            List<String> letters = need.roles().stream().map(role -> design.role(role).letter()).toList();
            lines.addAll(need.amount().match(
                    cloth -> ofCloth(code, letters, cloth),
                    printed -> List.<BillLine>of(new BillLine.Cut(
                            code, letters, printed.exact().value(), printed.sell().value(), printed.usableWidth().value(),
                            need.quarters())),
                    quarters -> List.of(new BillLine.Cut(
                            code, letters, quarters.exact().value(), quarters.sell().value(), quarters.usableWidth().value(),
                            need.quarters())),
                    units -> units.count().value().equals(new Count(0))
                            ? List.of()
                            : List.of(new BillLine.Picked(code, letters, units.count().value()))));
        });
        return new BillOfMaterials(lines);
    }

    /** The length, where left-overs do not give everything, and the left-overs. */
    private static List<BillLine> ofCloth(String code, List<String> letters, Need.Amount.Cloth cloth) {
        List<BillLine> lines = new ArrayList<>();
        if (cloth.sell().value().isPositive()) {
            lines.add(new BillLine.Cut(
                    code, letters, cloth.plan().exact().value(), cloth.sell().value(), cloth.plan().usableWidth().value(),
                    Optional.empty()));
        }
        cloth.plan().leftOversTaken().forEach((leftOver, count) -> lines.add(new BillLine.Picked(leftOver, letters, new Count(count))));
        return lines;
    }

    /** The same bill with something more in every bag. */
    public BillOfMaterials with(BillLine more) {
        List<BillLine> all = new ArrayList<>(lines);
        all.add(more);
        return new BillOfMaterials(all);
    }

    /**
     * The same bill with more of every folded length, above what was rounded; what the shop cuts into something stays as it is.
     *
     * @param more above zero; where it is no multiple of the selling step, the lengths are none either
     */
    public BillOfMaterials withSpare(Length more) {
        return new BillOfMaterials(lines.stream().map(line -> line.<BillLine>match(
                cut -> cut.into().isPresent()
                        ? cut
                        : new BillLine.Cut(
                                cut.fabricCode(), cut.letters(), cut.exact(), cut.length().plus(more), cut.plannedWidth(), cut.into()),
                picked -> picked)).toList());
    }

    /** The lengths of one bag by fabric code. */
    public Map<String, Length> lengths() {
        Map<String, Length> lengths = new LinkedHashMap<>();
        lines.stream().flatMap(line -> line.asCut().stream()).forEach(cut -> lengths.put(cut.fabricCode(), cut.length()));
        return lengths;
    }

    /** The counts of one bag by the code of what is picked. */
    public Map<String, Count> picked() {
        Map<String, Count> counts = new LinkedHashMap<>();
        lines.stream().flatMap(line -> line.asPicked().stream())
                .forEach(picked -> counts.merge(picked.code(), picked.count(), Count::plus));
        return counts;
    }
}
