package retazo.core.block.unit;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import retazo.core.block.shape.DrawnPatch;
import retazo.core.block.shape.FinishedSize;
import retazo.core.block.shape.Outlines;
import retazo.core.block.spec.UnitKind;
import retazo.core.block.spec.UnitMethod;
import retazo.core.block.spec.UnitSpec;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/**
 * A four-patch or nine-patch: equal patches in rows, from single patches or from segments of strip sets.
 *
 * @param kind   four-patch or nine-patch
 * @param patches from the top left, row by row; 4 or 9
 */
public record PatchGrid(UnitKind kind, UnitMethod method, List<RoleKey> patches) implements Unit {

    public PatchGrid {
        patches = List.copyOf(patches);
        if (patches.size() != across(kind) * across(kind)) {
            throw new IllegalArgumentException("A " + kind + " has no " + patches.size() + " patches.");
        }
    }

    static int across(UnitKind kind) {
        return kind == UnitKind.FOUR_PATCH ? 2 : 3;
    }

    @Override
    public UnitSpec spec() {
        return UnitSpec.plain(kind, method, patches);
    }

    @Override
    public Optional<Problem> problem(FinishedSize size) {
        int across = across(kind);
        return size.width().ticks() % across != 0 || size.height().ticks() % across != 0
                ? Optional.of(Problem.of("unit.does-not-divide", size.width(), size.height(), across))
                : Optional.empty();
    }

    @Override
    public boolean liesTurned() {
        return method == UnitMethod.STRIP_SETS;
    }

    private FinishedSize patchSize(FinishedSize size) {
        int across = across(kind);
        return new FinishedSize(new Length(size.width().ticks() / across), new Length(size.height().ticks() / across));
    }

    @Override
    public List<DrawnPatch> draw(FinishedSize size) {
        FinishedSize patch = patchSize(size);
        List<DrawnPatch> drawn = new ArrayList<>();
        for (int i = 0; i < patches.size(); i++) {
            Length left = patch.width().times(i % across(kind));
            Length top = patch.height().times(i / across(kind));
            drawn.add(new DrawnPatch(
                    patches.get(i), Outlines.corners(left, top, left.plus(patch.width()), top.plus(patch.height()))));
        }
        return drawn;
    }

    /** Its patches, or its rows as segments: a row's strips lie side by side in the set and its height is the segment. */
    @Override
    public Map<SizedUnit, Count> units(FinishedSize size, boolean mirrored) {
        Map<SizedUnit, Count> units = new LinkedHashMap<>();
        FinishedSize patch = patchSize(size);
        if (method == UnitMethod.PATCHES) {
            patches.forEach(role -> units.merge(new SizedUnit(new Patch(role), patch, false), Count.ONE, Count::plus));
            return units;
        }
        int across = across(kind);
        FinishedSize segment = new FinishedSize(patch.height(), size.width());
        for (int row = 0; row < across; row++) {
            StripSet set = new StripSet(patches.subList(row * across, (row + 1) * across).stream()
                    .map(role -> new StripSet.Strip(role, patch.width()))
                    .toList());
            units.merge(new SizedUnit(set.pooled(), segment, false), Count.ONE, Count::plus);
        }
        return units;
    }
}
