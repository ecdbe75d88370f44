package retazo.core.block.unit;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import retazo.core.block.shape.CutPiece;
import retazo.core.block.shape.DrawnPatch;
import retazo.core.block.shape.FinishedSize;
import retazo.core.block.shape.Outlines;
import retazo.core.block.shape.Subcut;
import retazo.core.block.shape.UnitCut;
import retazo.core.block.spec.Corner;
import retazo.core.block.spec.UnitKind;
import retazo.core.block.spec.UnitMethod;
import retazo.core.block.spec.UnitPart;
import retazo.core.block.spec.UnitSpec;
import retazo.core.cloth.RoleKey;
import retazo.core.explain.Figure;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/**
 * A patch with one to four corners sewn over and flipped.
 *
 * @param clips in the order in which they are sewn: where two overlap, the later one covers the earlier
 */
public record Clipped(RoleKey patch, List<Clip> clips) implements CutUnit {

    public Clipped {
        clips = List.copyOf(clips);
    }

    /** A corner with its own role and finished size, measured along both edges from the corner. */
    public record Clip(Corner corner, RoleKey role, Length finished) {
    }

    /** Corners that are cut alike. */
    private record Alike(RoleKey role, Length finished) {
    }

    @Override
    public UnitSpec spec() {
        List<UnitPart> parts = new ArrayList<>(List.of(UnitPart.of(patch)));
        clips.forEach(clip -> parts.add(new UnitPart(clip.role(), clip.corner().code(), List.of(clip.finished()))));
        return new UnitSpec(UnitKind.CLIPPED, UnitMethod.ONLY, parts);
    }

    /** A corner may be as large as the patch's shorter side, and no larger. */
    @Override
    public Optional<Problem> problem(FinishedSize size) {
        Length shorter = size.width().isShorterThan(size.height()) ? size.width() : size.height();
        Set<Corner> taken = EnumSet.noneOf(Corner.class);
        for (Clip clip : clips) {
            if (!taken.add(clip.corner())) {
                return Optional.of(Problem.of("unit.corner-twice", clip.corner().code()));
            }
            if (!clip.finished().isPositive() || clip.finished().isLongerThan(shorter)) {
                return Optional.of(Problem.of("unit.corner-size", clip.finished(), shorter));
            }
            if (clip.role().equals(patch)) {
                return Optional.of(Problem.of("unit.one-role"));
            }
        }
        return Optional.empty();
    }

    @Override
    public List<DrawnPatch> draw(FinishedSize size) {
        List<DrawnPatch> drawn = List.of(new DrawnPatch(patch, Outlines.corners(size)));
        for (Clip clip : clips) {
            drawn = new CornerCut(clip, size).over(drawn);
        }
        return drawn;
    }

    /** The corners in one fixed order, since it takes the same pieces wherever they sit. */
    @Override
    public CutUnit pooled() {
        List<Clip> sorted = clips.stream().sorted(Comparator.comparing(Clip::role).thenComparing(Clip::finished)).toList();
        List<Clip> placed = new ArrayList<>();
        for (int i = 0; i < sorted.size(); i++) {
            placed.add(new Clip(Corner.values()[i % 4], sorted.get(i).role(), sorted.get(i).finished()));
        }
        return new Clipped(patch, placed);
    }

    /** {@inheritDoc} The patch as usual, and for each corner a square that finishes as large as the corner: k + 2s. */
    @Override
    public UnitCut cut(UnitCutting cutting) {
        List<CutPiece> pieces = new ArrayList<>();
        pieces.add(CutPiece.rectangle(
                patch,
                cutting.withOversize("width", "unit.patchWidth", cutting.size().width(), UnitKind.CLIPPED),
                cutting.withOversize("height", "unit.patchHeight", cutting.size().height(), UnitKind.CLIPPED),
                cutting.needed()));
        Map<Alike, Long> alike = new LinkedHashMap<>();
        clips.forEach(clip -> alike.merge(new Alike(clip.role(), clip.finished()), 1L, Long::sum));
        int number = 0;
        for (Map.Entry<Alike, Long> entry : alike.entrySet()) {
            number++;
            String name = "corner" + number;
            Figure<Length> side = cutting.withOversize(name, "unit.corner", entry.getKey().finished(), UnitKind.CLIPPED);
            pieces.add(CutPiece.square(
                    entry.getKey().role(), side, Subcut.NONE, cutting.times(name, cutting.needed(), entry.getValue())));
        }
        return cutting.trimmed(pieces, cutting.needed(), UnitKind.CLIPPED);
    }
}
