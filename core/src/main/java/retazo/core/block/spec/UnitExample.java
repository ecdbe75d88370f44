package retazo.core.block.spec;

import java.util.ArrayList;
import java.util.List;
import retazo.core.block.shape.FinishedSize;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Length;

/** A unit of each kind that fits a cell, to start from. */
public final class UnitExample {

    private UnitExample() {
    }

    /**
     * A unit with the given roles, first the main one; they are repeated where the kind has more. It may not fit: a goose in a
     * square cell stays one, and is told there.
     *
     * @param roles one or more
     */
    public static UnitSpec of(UnitKind kind, UnitMethod method, List<RoleKey> roles, FinishedSize cell) {
        Length width = cell.width();
        Length height = cell.height();
        List<UnitPart> parts = switch (kind) {
            case PATCH -> plain(roles, 1);
            case HALF_SQUARE, HOURGLASS, GEESE, SQUARE_IN_SQUARE, HALF_RECTANGLE -> plain(roles, 2);
            case THREE_PATCH, RING -> plain(roles, 3);
            case FOUR_PATCH -> List.of(part(roles, 0), part(roles, 1), part(roles, 1), part(roles, 0));
            case NINE_PATCH -> ninePatch(roles);
            case WEDGE -> plain(roles, 2);
            case CLIPPED -> List.of(part(roles, 0), new UnitPart(
                    role(roles, 1), Corner.TOP_LEFT.code(), List.of(shortened(width.isShorterThan(height) ? width : height, 2))));
            case STRIP_SET -> List.of(
                    UnitPart.of(role(roles, 0), shortened(height, 2)), UnitPart.of(role(roles, 1), height.minus(shortened(height, 2))));
            case SLASHED -> List.of(UnitPart.of(role(roles, 0), shortened(width, 4)), part(roles, 1));
            case TEMPLATES -> List.of(
                    new UnitPart(role(roles, 0), "", List.of(Length.ZERO, Length.ZERO, width, Length.ZERO, Length.ZERO, height)),
                    new UnitPart(role(roles, 1), "", List.of(width, Length.ZERO, width, height, Length.ZERO, height)));
        };
        return new UnitSpec(kind, method, parts);
    }

    private static Length shortened(Length length, long parts) {
        return new Length(length.ticks() / parts);
    }

    private static RoleKey role(List<RoleKey> roles, int index) {
        return roles.get(index % roles.size());
    }

    private static UnitPart part(List<RoleKey> roles, int index) {
        return UnitPart.of(role(roles, index));
    }

    private static List<UnitPart> plain(List<RoleKey> roles, int count) {
        List<UnitPart> parts = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            parts.add(part(roles, i));
        }
        return parts;
    }

    private static List<UnitPart> ninePatch(List<RoleKey> roles) {
        List<UnitPart> parts = new ArrayList<>();
        for (int i = 0; i < 9; i++) {
            parts.add(part(roles, i % 2));
        }
        return parts;
    }
}
