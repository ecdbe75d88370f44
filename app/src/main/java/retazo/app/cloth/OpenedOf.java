package retazo.app.cloth;

import java.util.List;
import java.util.Optional;
import retazo.app.shared.FractionText;
import retazo.app.shared.Words;
import retazo.core.cloth.Role;
import retazo.core.cutting.LaidCloth;
import retazo.core.kit.Need;
import retazo.core.kit.Needs;
import retazo.core.quilt.design.QuiltDesign;

/**
 * Which size and role an opened figure belongs to, by its key: {@code throw.night.sell} is {@code Throw, A night river}.
 *
 * @param size  its key, or empty
 * @param role  its key; empty for a figure of the whole quilt
 * @param bound how near the plan of the cloth, or of its sheets, is to what no plan can beat; empty without one
 */
public record OpenedOf(String text, String size, String role, FractionText bound) {

    public static OpenedOf of(QuiltDesign design, List<SizeWork> works, String key, Words words) {
        String[] parts = key.split("\\.");
        Optional<SizeWork> work = works.stream().filter(one -> one.plan().size().key().value().equals(parts[0])).findFirst();
        String name = work.map(one -> one.plan().size().name()).orElse("");
        Optional<Role> role = design.roles().stream().filter(one -> parts.length > 1 && one.key().value().equals(parts[1])).findFirst();
        return new OpenedOf(
                role.map(one -> name + ", " + one.letter() + " " + one.name()).orElse(name),
                work.map(one -> one.plan().size().key().value()).orElse(""),
                role.map(one -> one.key().value()).orElse(""),
                FractionText.of(
                        work.flatMap(one -> role.flatMap(known -> need(one, known, parts))).map(need -> bound(need, words)).orElse("")));
    }

    /** The precuts of a role where one of their figures is open, else its cloth. */
    private static Optional<Need> need(SizeWork work, Role role, String[] parts) {
        boolean precut = Needs.precutKey(role.key()).equals(parts[1] + (parts.length > 2 ? "." + parts[2] : ""));
        return Optional.ofNullable(work.needs().byFabric().get(precut ? Needs.precutKey(role.key()) : role.key().value()));
    }

    private static String bound(Need need, Words words) {
        return need.amount().match(
                cloth -> cloth.plan().laid().map(laid -> bound(laid, words)).orElse(""), printed -> "",
                quarters -> SheetsView.bound(quarters.plan(), words),
                units -> units.plan().map(plan -> SheetsView.bound(plan, words)).orElse(""));
    }

    static String bound(LaidCloth cloth, Words words) {
        return cloth.isProved()
                ? words.text("laid.proved")
                : words.text("laid.bound", cloth.bound(), cloth.length().value().minus(cloth.bound()));
    }
}
