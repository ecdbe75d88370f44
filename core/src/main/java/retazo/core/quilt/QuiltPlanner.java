package retazo.core.quilt;

import java.util.ArrayList;
import java.util.List;
import retazo.core.block.UnitPractice;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.ShopPractice;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Origin;
import retazo.core.measure.Length;

/** Works out one size of a design. The same input gives the same plan; the work grows with the cells of one block. */
public final class QuiltPlanner {

    private final ShopPractice practice;

    public QuiltPlanner(ShopPractice practice) {
        this.practice = practice;
    }

    /** Plans a size; the keys of its figures start with the size's key. */
    public QuiltPlan plan(QuiltDesign design, QuiltSize size) {
        return size.match(grid -> planGrid(design, grid));
    }

    private QuiltPlan planGrid(QuiltDesign design, QuiltSize.Grid size) {
        String key = size.key().value();
        Setting.Layout layout = design.setting().layOut(key, design.block(), size);
        Figure<Length> seam = practice.figure(PracticeMeasure.SEAM_ALLOWANCE);
        BorderPieces.Quilted quilt = new BorderPieces.Quilted(layout.width(), layout.height());
        List<BorderPieces> borders = new ArrayList<>();
        for (int i = 0; i < size.borderWidths().size(); i++) {
            String borderKey = key + ".border" + (i + 1);
            Figure<Length> width = Figure.given(
                    borderKey + ".finished", Label.of("border.width", i + 1), size.borderWidths().get(i),
                    Origin.pattern("sizes." + size.name()));
            borders.add(BorderPieces.butted(
                    borderKey, i + 1, design.borders().get(i).role(), quilt, width, seam,
                    practice.figure(PracticeMeasure.BORDER_TRIM)));
            quilt = BorderPieces.around(borderKey, quilt, width);
        }
        return new QuiltPlan(
                size,
                layout,
                quilt.width().named(key + ".finishedWidth", Label.of("quilt.finishedWidth")),
                quilt.height().named(key + ".finishedHeight", Label.of("quilt.finishedHeight")),
                PieceNeeds.of(key, design, layout.blocks(), UnitPractice.of(practice)),
                borders,
                BindingStrip.around(key + ".binding", design.binding(), quilt, practice.figure(PracticeMeasure.BINDING_WIDTH)),
                BackingSheet.behind(
                        key + ".backing", design.backing(), quilt, practice.figure(PracticeMeasure.BACKING_OVERAGE), seam));
    }
}
