package retazo.app.patterns.drawing;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.file.PatternAbout;
import retazo.app.patterns.file.PatternContent;
import retazo.app.patterns.rows.RoleRow;
import retazo.app.patterns.rows.SizeRow;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Typed;
import retazo.core.block.BlockKey;
import retazo.core.block.CellGrid;
import retazo.core.block.InnerBlock;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;
import retazo.core.quilt.design.BlockKind;
import retazo.core.quilt.design.Composition;
import retazo.core.quilt.design.DesignCheck;
import retazo.core.quilt.design.Drawing;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.finish.BorderDesign;
import retazo.core.quilt.finish.Finishing;
import retazo.core.quilt.piece.CutList;
import retazo.core.quilt.place.CycleRule;
import retazo.core.quilt.place.PlaceLine;
import retazo.core.quilt.place.PlaceRule;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeTable;
import retazo.core.quilt.size.Way;

/**
 * What a typed drawing comes to: the pattern if nothing is wrong, all that is wrong, and as much of its blocks as can be
 * drawn already. What the form does not show comes from the version before.
 *
 * @param blocks in the order of the form's rows
 */
public record DrawingDraft(List<Role> roles, List<BlockDraft> blocks, Optional<PatternContent> content, List<Problem> problems) {

    public static DrawingDraft of(DrawingForm form, Optional<PatternVersion> before) {
        return new Reading(form, before).draft();
    }

    /** Reads one form. */
    private static final class Reading {

        private final DrawingForm form;
        private final Optional<PatternVersion> before;
        private final FieldReader reader = new FieldReader();
        private final Map<String, RoleKey> byLetter = new LinkedHashMap<>();
        private final List<BlockDraft> drafts = new ArrayList<>();
        private final List<BlockKind> kinds = new ArrayList<>();

        Reading(DrawingForm form, Optional<PatternVersion> before) {
            this.form = form;
            this.before = before;
        }

        DrawingDraft draft() {
            String name = reader.text("name", form.name(), PatternContent.LONGEST_NAME);
            List<Role> roles = RoleRow.read(Typed.list(form.roles()), before, reader);
            roles.forEach(role -> byLetter.put(role.letter(), role.key()));
            readBlocks();
            Optional<PatternContent> content = content(name, roles);
            return new DrawingDraft(roles, drafts, content, reader.problems());
        }

        private void readBlocks() {
            List<BlockRow> rows = Typed.list(form.blocks());
            if (rows.size() > Drawing.MOST_BLOCKS) {
                reader.add(Problem.at("blocks", "blocks.count", rows.size(), Drawing.MOST_BLOCKS));
            }
            Set<String> taken = new HashSet<>();
            rows.forEach(row -> taken.add(Typed.text(row.key())));
            Map<String, InnerBlock> earlier = new HashMap<>();
            for (int i = 0; i < Math.min(rows.size(), Drawing.MOST_BLOCKS); i++) {
                BlockRow row = rows.get(i);
                BlockDraft draft = BlockDraft.of(row, "blocks." + i, new CellGrid.Names(byLetter, earlier), reader);
                drafts.add(draft);
                String blockName = reader.text("blocks." + i + ".name", row.name(), 40);
                String key = Typed.key(row.key(), "b", taken);
                draft.block().ifPresent(block -> {
                    InnerBlock inner = new InnerBlock(new BlockKey(key), block);
                    kinds.add(new BlockKind(inner.key(), blockName, block));
                    earlier.put(key, inner);
                    earlier.put(blockName.replace(' ', '-'), inner);
                });
            }
        }

        private Optional<PatternContent> content(String name, List<Role> roles) {
            Optional<Drawing> drawn = before.flatMap(version -> version.design().drawing());
            Optional<SizeTable> table = before.flatMap(version -> version.design().table());
            Optional<CutList> list = before.flatMap(version -> version.design().cutList());
            List<QuiltSize> sizes = drawn.isPresent()
                    ? before.get().design().sizes()
                    : SizeRow.read(Typed.list(form.sizes()), SizeRow.Context.of(before, table.isEmpty() && list.isEmpty(), reader));
            Optional<Composition> quilt = drawn.map(Drawing::quilt).or(this::firstComposition);
            if (drafts.stream().anyMatch(draft -> draft.block().isEmpty()) || quilt.isEmpty()) {
                return Optional.empty();
            }
            Drawing drawing = new Drawing(kinds, quilt.get(), drawn.map(Drawing::items).orElse(List.of()));
            Way plannedFrom = before.map(PatternVersion::design).filter(design -> design.drawing().isPresent())
                    .map(QuiltDesign::plannedFrom).orElse(Way.DRAWING);
            Map<PracticeMeasure, Length> overrides = before.map(version -> version.design().overrides()).orElse(Map.of());
            new DesignCheck(roles, sizes, table, list, Optional.of(drawing), plannedFrom, overrides).problems()
                    .forEach(problem -> reader.add(placed(problem)));
            return reader.anyProblem()
                    ? Optional.empty()
                    : Optional.of(new PatternContent(
                            name, before.map(PatternVersion::about).orElse(PatternAbout.OWN),
                            new QuiltDesign(roles, sizes, table, list, Optional.of(drawing), plannedFrom, overrides)));
        }

        /** How a quilt that is drawn for the first time is put together; later that is changed at the quilt. */
        private Optional<Composition> firstComposition() {
            List<BorderDesign> borders = new ArrayList<>();
            String letters = Typed.text(form.borders());
            for (String letter : letters.isEmpty() ? new String[0] : letters.split("[,; ]+")) {
                role("borders", letter).ifPresent(role -> borders.add(BorderDesign.butted(role)));
            }
            Finishing finishing = Finishing.of(borders, role("binding", form.binding()), role("backing", form.backing()));
            return places().map(rule -> Composition.straight(rule, finishing));
        }

        /** The kinds by their names; the last block everywhere where none is named, since others stand in it. */
        private Optional<PlaceRule> places() {
            PlaceLine line = Typed.text(form.cycle()).isEmpty()
                    ? PlaceLine.DIAGONALS
                    : reader.choice("cycle", form.cycle(), PlaceLine.class).orElse(PlaceLine.DIAGONALS);
            String names = Typed.text(form.kinds());
            if (names.isEmpty()) {
                return kinds.isEmpty() ? Optional.empty() : Optional.of(PlaceRule.uniform(kinds.get(kinds.size() - 1).key()));
            }
            List<BlockKey> keys = new ArrayList<>();
            for (String name : names.split("\\s*[,;]\\s*")) {
                kinds.stream()
                        .filter(kind -> kind.name().equalsIgnoreCase(name.strip()))
                        .findFirst()
                        .ifPresentOrElse(kind -> keys.add(kind.key()), () -> reader.add(Problem.at("kinds", "cell.unknown-block", name)));
            }
            return keys.isEmpty() ? Optional.empty() : Optional.of(CycleRule.of(line, keys));
        }

        private Optional<RoleKey> role(String field, @Nullable String letter) {
            String text = Typed.text(letter).toUpperCase(Locale.ROOT);
            if (!text.isEmpty() && !byLetter.containsKey(text)) {
                reader.add(Problem.at(field, "cell.unknown-role", text));
            }
            return Optional.ofNullable(byLetter.get(text));
        }

        private Problem placed(Problem problem) {
            Problem inRoles = Typed.placed(problem, "roles", Typed.list(form.roles()).stream().map(RoleRow::isBlank).toList());
            Problem inSizes = Typed.placed(inRoles, "sizes", Typed.list(form.sizes()).stream().map(SizeRow::isBlank).toList());
            boolean kept = before.flatMap(version -> version.design().drawing()).isPresent();
            return inSizes.place().equals("places") ? inSizes.movedTo(kept ? "blocks" : "kinds") : inSizes;
        }
    }
}
