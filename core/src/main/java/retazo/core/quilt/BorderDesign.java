package retazo.core.quilt;

import retazo.core.block.RoleKey;

/** A border of the design; its width belongs to the size. */
public record BorderDesign(RoleKey role, BorderCorners corners) {
}
