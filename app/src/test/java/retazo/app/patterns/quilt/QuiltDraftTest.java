package retazo.app.patterns.quilt;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.io.IOException;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.BeanUtils;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import retazo.app.patterns.DemoPatternsTest;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.file.PatternContent;
import retazo.app.patterns.file.PatternFileWriter;
import retazo.app.patterns.file.PlaceRuleKind;
import retazo.app.patterns.rows.SizeRow;
import retazo.app.patterns.sizes.SizeMove;
import retazo.app.patterns.sizes.SizesDraft;
import retazo.app.patterns.sizes.SizesForm;
import retazo.app.practice.DrawingStart;
import retazo.core.block.spec.UnitMethod;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;
import retazo.core.quilt.design.Composition;
import retazo.core.quilt.design.Drawing;
import retazo.core.quilt.design.Item;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.finish.Finishing;
import retazo.core.quilt.setting.Edges;
import retazo.core.quilt.setting.Setting;
import retazo.core.quilt.size.QuiltSize;

/** Quilts as typed. */
class QuiltDraftTest {

    private static PatternVersion demo(String file) throws IOException {
        return new PatternVersion(1, 1, 1, false, DemoPatternsTest.read(new ClassPathResource("demo/" + file + ".json")));
    }

    private static Drawing drawing(PatternVersion version) {
        return version.design().drawing().orElseThrow();
    }

    private static QuiltForm form(PatternVersion version) {
        return QuiltForm.of(version, drawing(version), "", new DrawingStart(UnitMethod.TWO_AT_A_TIME, Edges.CutBlocks.Cut.THROUGH_CENTRE));
    }

    /** The form with some of its fields typed anew, each by its path. */
    private static QuiltDraft typed(PatternVersion version, Map<String, Object> fields) {
        QuiltForm form = form(version);
        for (Map.Entry<String, Object> field : fields.entrySet()) {
            form = (QuiltForm) with(form, List.of(field.getKey().split("\\.")), field.getValue());
        }
        return QuiltDraft.of(form, version, drawing(version));
    }

    private static Object with(Object form, List<String> path, Object value) {
        if (path.isEmpty()) {
            return value;
        }
        var components = form.getClass().getRecordComponents();
        Object[] values = new Object[components.length];
        try {
            for (int i = 0; i < components.length; i++) {
                components[i].getAccessor().setAccessible(true);
                Object before = components[i].getAccessor().invoke(form);
                values[i] = components[i].getName().equals(path.get(0)) ? with(before, path.subList(1, path.size()), value) : before;
            }
        } catch (ReflectiveOperationException broken) {
            throw new AssertionError(broken);
        }
        return BeanUtils.instantiateClass(form.getClass().getDeclaredConstructors()[0], values);
    }

    /** What the demo does not use: the other value of each choice is kept, shown again and written into the file. */
    @ParameterizedTest
    @CsvSource({
            "14-bollards, rule.position.facing, IN, facing", "17-lock-chart, rule.map.fill, DRAWN_OUT, fill",
            "12-fog-bank, rule.gradient.line, COLUMNS, line", "18-weathercock, rule.cycle.line, ROWS, cycle"})
    void the_other_choices_of_a_place_rule_go_round_through_form_and_file(String file, String field, String value, String inFile)
            throws IOException {
        PatternVersion version = demo(file);

        PatternContent content = typed(version, Map.of(field, value)).content().orElseThrow();

        PatternVersion kept = new PatternVersion(1, 1, 2, false, content);
        QuiltForm shown = form(kept);
        assertThat(Map.of(
                "rule.position.facing", shown.rule().position().facing(), "rule.map.fill", shown.rule().map().fill(),
                "rule.gradient.line", shown.rule().gradient().line(), "rule.cycle.line", shown.rule().cycle().line()))
                .containsEntry(field, value);
        assertThat(QuiltDraft.of(shown, kept, drawing(kept)).content()).contains(content);
        String written = PatternFileWriter.write(content).toString();
        assertThat(written).contains(inFile, value.toLowerCase(java.util.Locale.ROOT).replace('_', '-'));
        assertThat(drawing(kept).places()).isNotEqualTo(drawing(version).places());
    }

    @Test
    void the_demo_has_every_place_rule() throws IOException {
        Set<PlaceRuleKind> kinds = EnumSet.noneOf(PlaceRuleKind.class);
        for (Resource file : new PathMatchingResourcePatternResolver().getResources("classpath:demo/*.json")) {
            DemoPatternsTest.read(file).design().drawing().ifPresent(
                    drawn -> kinds.add(PlaceRuleForm.of(drawn.places(), drawn, RoleKey::value).ruleKind()));
        }

        assertThat(kinds).containsExactlyInAnyOrder(PlaceRuleKind.values());
    }

    /** Every rule, setting and finishing of the demo is shown in the form and read back as it was. */
    @Test
    void what_is_shown_is_read_back_equal() throws IOException {
        for (Resource file : new PathMatchingResourcePatternResolver().getResources("classpath:demo/*.json")) {
            PatternVersion version = new PatternVersion(1, 1, 1, false, DemoPatternsTest.read(file));
            if (version.design().drawing().isPresent()) {
                QuiltDraft draft = QuiltDraft.of(form(version), version, drawing(version));

                assertThat(draft.problems()).as(file.getFilename()).isEmpty();
                assertThat(draft.content().orElseThrow().design()).as(file.getFilename()).isEqualTo(version.design());
            }
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "rule.cycle.kinds|vane, moon|rule.cycle.kinds|cell.unknown-block",
            "setting.sash|B|setting.sashWidth|length.missing", "setting.sash|Z|setting.sash|cell.unknown-role",
            "setting.kind|triangles|setting.sides|places.role-missing", "finish.flange|B|finish.flangeWidth|length.missing",
            "rule.kind|gradient|rule.gradient.colours|places.two-colours",
            "rule.kind|colour-sets|rule.sets.colours|places.sets-missing",
            "rule.kind|points|rule.points.accent|places.role-missing",
            "rule.kind|by-position|rule.position.corner|places.block-missing"})
    void what_is_missing_or_unknown_is_told_at_its_field(String field, String value, String place, String code) throws IOException {
        assertThat(typed(demo("18-weathercock"), Map.of(field, value)).problems()).extracting(Problem::place, Problem::code)
                .contains(tuple(place, code));
    }

    @Test
    void a_hole_in_a_map_is_told_with_its_row_and_column() throws IOException {
        QuiltDraft draft = typed(demo("17-lock-chart"), Map.of("rule.map.rows", "gate, pool\ngate @90,"));

        assertThat(draft.problems()).extracting(Problem::place, Problem::code, Problem::arguments)
                .containsExactly(tuple("rule.map.rows", "places.map-hole", List.of(2, 2)));
    }

    /** A sash named by what is cut: 2 in with a seam of 1/4 on both sides finishes 1 1/2. */
    @Test
    void a_width_may_be_typed_as_it_is_cut() throws IOException {
        QuiltDesign design = typed(demo("11-towpath"), Map.of("setting.sashWidth", "2 cut")).content().orElseThrow().design();

        assertThat(design.drawing().orElseThrow().setting().sashing().orElseThrow().width()).isEqualTo(Length.parse("1 1/2"));
        assertThat(typed(demo("11-towpath"), Map.of("setting.sashWidth", "1/2 cut")).problems()).extracting(Problem::place, Problem::code)
                .contains(tuple("setting.sashWidth", "width.cut-too-narrow"));
    }

    @Test
    void changes_by_hand_are_kept_and_nonsense_is_told() throws IOException {
        PatternVersion version = demo("16-signal-flags");
        List<SizeRow> rows = new ArrayList<>(form(version).sizes());
        SizeRow first = rows.get(0);
        rows.set(0, new SizeRow(
                first.key(), first.name(), first.columns(), first.rows(), first.border(), first.finished(), first.sash(), first.block(),
                "turn 1,0 by 180; trade 0,0 and 2,0"));
        QuiltSize.Grid size = typed(version, Map.of("sizes", rows)).content().orElseThrow().design().grids().get(0);
        rows.set(0, new SizeRow(first.key(), first.name(), "3", "2", "", "", "", "", "shuffle"));

        assertThat(size.overrides().changes()).hasSize(2);
        assertThat(typed(version, Map.of("sizes", rows)).problems()).extracting(Problem::place, Problem::code)
                .contains(tuple("sizes.0.changes", "changes.unread"));
    }

    /** An item on point, which the form does not show, stays so when there are more of it; typed anew, it is as typed. */
    @Test
    void what_a_form_cannot_show_of_an_item_stays() throws IOException {
        PatternVersion plain = demo("18-weathercock");
        Drawing drawing = drawing(plain);
        Composition onPoint = new Composition(
                drawing.places(), new Setting.OnPoint(new Edges.CutBlocks(Edges.CutBlocks.Cut.THROUGH_CENTRE), Optional.empty()),
                Finishing.NONE);
        QuiltDesign design = plain.design();
        PatternVersion version = new PatternVersion(1, 1, 1, false, plain.content().with(new QuiltDesign(
                design.roles(), design.sizes(), design.table(), design.cutList(),
                Optional.of(new Drawing(drawing.blocks(), drawing.quilt(), List.of(new Item("cushion", 1, onPoint, 2, 2, List.of())))),
                design.plannedFrom(), design.overrides())));
        ItemRow shown = form(version).items().get(0);
        ItemRow more = new ItemRow(shown.name(), "3", shown.kinds(), "4", "4", shown.border(), shown.borderWidth(), shown.binding(),
                shown.backing());
        ItemRow bound = new ItemRow(shown.name(), "3", shown.kinds(), "4", "4", "", "", "D", "");

        Item kept = drawing(typed(version, Map.of("items", List.of(more))).content().orElseThrow().design()).items().get(0);
        Item changed = drawing(typed(version, Map.of("items", List.of(bound))).content().orElseThrow().design()).items().get(0);

        assertThat(List.of(kept.copies(), kept.columns())).containsExactly(3, 4);
        assertThat(kept.composition()).isEqualTo(onPoint);
        assertThat(changed.composition().setting()).isEqualTo(Setting.PLAIN);
    }

    private static Drawing drawing(QuiltDesign design) {
        return design.drawing().orElseThrow();
    }

    /** Sizes that are taken out leave the table and the list with what they say of the others. */
    @Test
    void a_size_taken_out_leaves_the_printed_table() throws IOException {
        PatternVersion version = demo("10-weir-lanterns");
        SizesForm form = SizesForm.of(version);
        SizesDraft draft = SizesDraft.of(form.withSizes(SizeMove.of("1-out").apply(form.sizes())), version);

        assertThat(draft.problems()).isEmpty();
        assertThat(draft.content().orElseThrow().design().sizes()).extracting(QuiltSize::name).containsExactly("Cradle", "Bed");
        assertThat(draft.content().orElseThrow().design().table().orElseThrow().rows().get(0).cells()).hasSize(2);
        assertThat(SizeMove.of("1-up").apply(form.sizes()).get(0).name()).isEqualTo("Sofa");
        assertThat(SizeMove.of("9-up").apply(form.sizes())).isEqualTo(form.sizes());
    }
}
