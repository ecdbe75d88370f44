package retazo.core.block.spec;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import retazo.core.cloth.RoleKey;

/**
 * A unit in the one form in which it is typed, kept and exchanged.
 *
 * @param parts in the order that the kind says, one or more
 */
public record UnitSpec(UnitKind kind, UnitMethod method, List<UnitPart> parts) {

    public UnitSpec {
        parts = List.copyOf(parts);
    }

    public static UnitSpec plain(UnitKind kind, UnitMethod method, List<RoleKey> roles) {
        return new UnitSpec(kind, method, roles.stream().map(UnitPart::of).toList());
    }

    public UnitSpec recoloured(UnaryOperator<RoleKey> change) {
        return new UnitSpec(kind, method, parts.stream()
                .map(part -> new UnitPart(change.apply(part.role()), part.place(), part.sizes()))
                .toList());
    }

    /** Every length scaled; a yield that was measured with a template does not hold for a larger one and is left out. */
    public Optional<UnitSpec> scaled(Scale scale) {
        List<UnitPart> scaled = new ArrayList<>();
        for (UnitPart part : parts) {
            boolean measured = kind == UnitKind.TEMPLATES && !part.place().isEmpty();
            scale.of(measured ? part.sizes().subList(1, part.sizes().size()) : part.sizes())
                    .ifPresent(sizes -> scaled.add(new UnitPart(part.role(), measured ? "" : part.place(), sizes)));
        }
        return scaled.size() == parts.size() ? Optional.of(new UnitSpec(kind, method, scaled)) : Optional.empty();
    }

    public List<RoleKey> roles() {
        return parts.stream().map(UnitPart::role).toList();
    }

    public boolean arePartsPlain() {
        return parts.stream().allMatch(UnitPart::isPlain);
    }
}
