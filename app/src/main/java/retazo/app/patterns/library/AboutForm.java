package retazo.app.patterns.library;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.file.PatternAbout;
import retazo.app.patterns.file.PatternContent;
import retazo.app.patterns.file.PatternFileWriter;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Outcome;
import retazo.app.shared.Typed;
import retazo.core.block.spec.UnitKind;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleWish;
import retazo.core.measure.Length;
import retazo.core.measure.LengthParts;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Problem;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.size.Way;

/**
 * What is known of a pattern beside what is cut, as typed.
 *
 * @param designer    empty for the shop's own design
 * @param tools       one on a line
 * @param roleNames   of each role in its order
 * @param wishes      of each role in its order, as {@link WishText} reads them
 * @param plannedFrom by the word of files
 * @param practice    settings that the pattern changes, by their key; empty for the shop's
 */
record AboutForm(
        int version, @Nullable String name, @Nullable String designer, @Nullable String tools, @Nullable String notes,
        @Nullable List<String> roleNames, @Nullable List<String> wishes, @Nullable String plannedFrom,
        @Nullable Map<String, String> practice) {

    /** The settings that a pattern may change: how units are sewn, and what borders, binding and backing get. */
    static List<PracticeMeasure> overridable() {
        return Stream.concat(
                Stream.of(PracticeMeasure.SEAM_ALLOWANCE),
                Stream.concat(
                        Stream.of(UnitKind.values()).flatMap(kind -> kind.oversize().stream()),
                        Stream.of(PracticeMeasure.STRIP_SET_LOSS, PracticeMeasure.BORDER_TRIM, PracticeMeasure.BINDING_WIDTH,
                                PracticeMeasure.BACKING_OVERAGE)))
                .toList();
    }

    /** Those, and all others that this pattern has of its own: a file may name any. */
    static List<PracticeMeasure> settingsOf(QuiltDesign design) {
        return Stream.concat(overridable().stream(), design.overrides().keySet().stream().sorted()).distinct().toList();
    }

    static AboutForm of(PatternVersion pattern) {
        QuiltDesign design = pattern.design();
        Map<String, String> practice = new java.util.HashMap<>();
        design.overrides().forEach((measure, value) -> practice.put(measure.key(), LengthParts.exactText(value, LengthUnit.INCH)));
        return new AboutForm(
                pattern.number(), pattern.name(), pattern.about().designer(), String.join("\n", pattern.about().tools()),
                pattern.about().notes(), design.roles().stream().map(Role::name).toList(),
                design.roles().stream().map(role -> WishText.write(role.wishes(), design)).toList(),
                PatternFileWriter.code(design.plannedFrom()), practice);
    }

    public String setting(String key) {
        return practice == null ? "" : practice.getOrDefault(key, "");
    }

    public String roleName(int index) {
        return index < Typed.list(roleNames).size() ? Typed.text(Typed.list(roleNames).get(index)) : "";
    }

    public String wish(int index) {
        return index < Typed.list(wishes).size() ? Typed.text(Typed.list(wishes).get(index)) : "";
    }

    Outcome<PatternContent> read(PatternVersion before) {
        FieldReader reader = new FieldReader();
        QuiltDesign design = before.design();
        String readName = reader.text("name", name, PatternContent.LONGEST_NAME);
        String readDesigner = reader.optionalText("designer", designer, PatternAbout.LONGEST_DESIGNER);
        List<String> readTools = new ArrayList<>();
        for (String tool : Typed.text(tools).split("\\R")) {
            if (!tool.isBlank()) {
                readTools.add(reader.text("tools", tool, PatternAbout.LONGEST_TOOL));
            }
        }
        if (readTools.size() > PatternAbout.MOST_TOOLS) {
            reader.add(Problem.at("tools", "pattern.tools", readTools.size(), PatternAbout.MOST_TOOLS));
        }
        String readNotes = Typed.text(notes);
        if (readNotes.length() > PatternAbout.LONGEST_NOTES) {
            reader.add(Problem.at("notes", "text.too-long", readNotes.length(), PatternAbout.LONGEST_NOTES));
        }
        List<Role> roles = roles(design, reader);
        Optional<Way> way = design.ways().stream().filter(known -> PatternFileWriter.code(known).equals(Typed.text(plannedFrom)))
                .findFirst();
        if (way.isEmpty()) {
            reader.add(Problem.at("plannedFrom", "choice.missing"));
        }
        Map<PracticeMeasure, Length> overrides = overrides(design, reader);
        if (!reader.anyProblem()) {
            reader.addAll(new retazo.core.quilt.design.DesignCheck(
                    roles, design.sizes(), design.table(), design.cutList(), design.drawing(), way.orElseThrow(), overrides).problems());
        }
        return reader.anyProblem()
                ? Outcome.refused(reader.problems())
                : Outcome.done(new PatternContent(
                        readName, new PatternAbout(readDesigner, readTools, readNotes),
                        new QuiltDesign(roles, design.sizes(), design.table(), design.cutList(), design.drawing(), way.orElseThrow(),
                                overrides)));
    }

    private List<Role> roles(QuiltDesign design, FieldReader reader) {
        List<Role> roles = new ArrayList<>();
        for (int i = 0; i < design.roles().size(); i++) {
            Role role = design.roles().get(i);
            List<RoleWish> read = WishText.read("wishes." + i, wish(i), design.roles(), reader);
            roles.add(new Role(role.key(), role.letter(), reader.text("roles." + i + ".name", roleName(i), 40), read));
        }
        return roles;
    }

    private Map<PracticeMeasure, Length> overrides(QuiltDesign design, FieldReader reader) {
        Map<PracticeMeasure, Length> overrides = new EnumMap<>(PracticeMeasure.class);
        for (PracticeMeasure measure : settingsOf(design)) {
            String text = Typed.text(setting(measure.key()));
            if (!text.isEmpty()) {
                overrides.put(measure, reader.length("overrides." + measure.key(), text, LengthUnit.INCH));
            }
        }
        return overrides;
    }
}
