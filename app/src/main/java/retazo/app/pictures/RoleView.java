package retazo.app.pictures;

import java.util.List;
import java.util.stream.Collectors;
import retazo.app.shared.Words;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.setting.Use;

/** A role with its dot, as lists show it. */
public record RoleView(String key, String letter, String name, String uses, Ink ink) {

    /** The roles of a design with the tints of their places. */
    public static List<RoleView> of(QuiltDesign design, Words words) {
        return design.roles().stream()
                .map(role -> of(design, role.key(), words))
                .toList();
    }

    /** One role of a design with the tint of its place. */
    public static RoleView of(QuiltDesign design, RoleKey key, Words words) {
        Role role = design.role(key);
        return of(role, uses(design.uses(key), words), Ink.ofRole(role.letter().charAt(0) - 'A'));
    }

    public static RoleView of(Role role, String uses, Ink ink) {
        return new RoleView(role.key().value(), role.letter(), role.name(), uses, ink);
    }

    /** What a role is used for, in words: {@code blocks, binding}. */
    public static String uses(List<Use> uses, Words words) {
        return uses.stream().map(use -> words.text("use." + use.place(), use.number())).collect(Collectors.joining(", "));
    }
}
