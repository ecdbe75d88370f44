package retazo.app.patterns;

import java.util.List;
import java.util.Optional;
import retazo.app.shared.FractionText;
import retazo.app.shared.Words;
import retazo.core.block.Role;
import retazo.core.cutting.LaidCloth;
import retazo.core.kit.Need;
import retazo.core.quilt.QuiltDesign;

/**
 * Which size and role an opened figure belongs to, by its key: {@code throw.night.sell} is {@code Throw, A night river}.
 *
 * @param size  its key, or empty
 * @param role  its key; empty for a figure of the whole quilt
 * @param bound how near the plan of the cloth is to what no plan can beat; empty without one
 */
record OpenedOf(String text, String size, String role, FractionText bound) {

    static OpenedOf of(QuiltDesign design, List<SizeWork> works, String key, Words words) {
        String[] parts = key.split("\\.");
        Optional<SizeWork> work = works.stream().filter(one -> one.plan().size().key().value().equals(parts[0])).findFirst();
        String name = work.map(one -> one.plan().size().name()).orElse("");
        Optional<Role> role = design.roles().stream().filter(one -> parts.length > 1 && one.key().value().equals(parts[1])).findFirst();
        return new OpenedOf(
                role.map(one -> name + ", " + one.letter() + " " + one.name()).orElse(name),
                work.map(one -> one.plan().size().key().value()).orElse(""),
                role.map(one -> one.key().value()).orElse(""),
                FractionText.of(work.flatMap(one -> laid(one, role)).map(cloth -> bound(cloth, words)).orElse("")));
    }

    private static Optional<LaidCloth> laid(SizeWork work, Optional<Role> role) {
        return role.map(one -> work.needs().byFabric().get(one.key().value()))
                .flatMap(Need::cloth)
                .flatMap(cloth -> cloth.plan().laid());
    }

    static String bound(LaidCloth cloth, Words words) {
        return cloth.isProved()
                ? words.text("laid.proved") : words.text("laid.bound", cloth.bound(), cloth.length().value().minus(cloth.bound()));
    }
}
