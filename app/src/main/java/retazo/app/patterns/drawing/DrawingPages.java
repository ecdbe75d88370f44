package retazo.app.patterns.drawing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.springframework.stereotype.Component;
import retazo.app.cloth.PieceListView;
import retazo.app.patterns.PatternHead;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.file.PatternContent;
import retazo.app.pictures.Ink;
import retazo.app.pictures.QuiltPicture;
import retazo.app.practice.PracticeService;
import retazo.app.shared.Faults;
import retazo.app.shared.FractionText;
import retazo.app.shared.Typed;
import retazo.app.shared.Words;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.plan.QuiltPlan;
import retazo.core.quilt.plan.QuiltPlanner;
import retazo.core.quilt.size.QuiltSize;

/** Puts the workbench together: what is typed, drawn as far as it can be read. */
@Component
class DrawingPages {

    private final PracticeService practice;
    private final Words words;

    DrawingPages(PracticeService practice, Words words) {
        this.practice = practice;
        this.words = words;
    }

    DrawingPage page(DrawingForm typed, DrawingDraft draft, Optional<PatternVersion> before, Faults faults) {
        Function<RoleKey, String> letters = key -> draft.roles().stream()
                .filter(role -> role.key().equals(key))
                .findFirst()
                .map(Role::letter)
                .orElse("A");
        Function<RoleKey, Ink> inks = key -> Ink.ofRole(letters.apply(key).charAt(0) - 'A');
        List<BlockRow> rows = new ArrayList<>();
        List<BlockCanvas> canvases = new ArrayList<>();
        for (int i = 0; i < draft.blocks().size(); i++) {
            rows.add(BlockCanvas.laidOut(Typed.list(typed.blocks()).get(i), draft.blocks().get(i)));
            canvases.add(BlockCanvas.of(i, rows.get(i), draft.blocks().get(i), inks, letters, faults));
        }
        return new DrawingPage(
                typed.withBlocks(rows).padded(), faults, canvases,
                draft.content().map(PatternContent::design).map(design -> quilt(design, inks)),
                before.flatMap(version -> version.design().drawing()).isPresent(),
                new DrawingPage.Tools(
                        UnitPalette.all(practice.drawingStart(), words), BlockStarter.names(),
                        IntStream.range(0, QuiltDesign.MOST_ROLES).mapToObj(Ink::ofRole).toList()));
    }

    private DrawingPage.Quilt quilt(QuiltDesign design, Function<RoleKey, Ink> inks) {
        QuiltSize size = PatternHead.middle(design.sizes());
        QuiltPlan plan = new QuiltPlanner(practice.practice()).plan(design, size);
        return new DrawingPage.Quilt(
                size.name(), QuiltPicture.of("quilt", design, size, inks), PieceListView.of(design, plan, words),
                plan.warnings().stream().map(words::of).map(FractionText::of).toList());
    }
}
