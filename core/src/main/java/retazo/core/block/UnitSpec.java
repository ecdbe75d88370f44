package retazo.core.block;

import java.util.List;
import java.util.function.UnaryOperator;

/**
 * A unit in the one form in which it is typed, kept and exchanged.
 *
 * @param parts in the order that the kind says, one or more
 */
public record UnitSpec(UnitKind kind, UnitMethod method, List<UnitPart> parts) {

    public UnitSpec {
        parts = List.copyOf(parts);
    }

    static UnitSpec plain(UnitKind kind, UnitMethod method, List<RoleKey> roles) {
        return new UnitSpec(kind, method, roles.stream().map(UnitPart::of).toList());
    }

    /** The unit, or what keeps this from being one. */
    public UnitReading read() {
        return UnitReader.read(this);
    }

    UnitSpec recoloured(UnaryOperator<RoleKey> change) {
        return new UnitSpec(kind, method, parts.stream()
                .map(part -> new UnitPart(change.apply(part.role()), part.place(), part.sizes()))
                .toList());
    }

    List<RoleKey> roles() {
        return parts.stream().map(UnitPart::role).toList();
    }

    boolean arePartsPlain() {
        return parts.stream().allMatch(UnitPart::isPlain);
    }
}
