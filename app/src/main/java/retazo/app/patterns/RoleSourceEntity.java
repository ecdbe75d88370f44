package retazo.app.patterns;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Table;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.RoleKey;
import retazo.core.kit.RoleSource;

/** What the shop plans a role of a pattern from, other than whole cloth. */
@Entity
@Table(name = "role_source")
class RoleSourceEntity {

    /** Which role of which pattern. */
    @Embeddable
    record Key(@Column(name = "pattern_id", nullable = false) long patternId, @Column(name = "role_key", nullable = false) String roleKey) {
    }

    @EmbeddedId
    private Key key = new Key(0, "");

    @Enumerated(EnumType.STRING)
    @Column(name = "precut_kind", nullable = false)
    private PrecutKind kind = PrecutKind.STRIP_ROLL;

    @Column(name = "cut_in_the_shop", nullable = false)
    private boolean cutInTheShop;

    protected RoleSourceEntity() {
    }

    static RoleSourceEntity of(long patternId, RoleKey role, RoleSource chosen) {
        RoleSourceEntity source = new RoleSourceEntity();
        source.key = new Key(patternId, role.value());
        source.kind = chosen.kind();
        source.cutInTheShop = chosen.cutInTheShop();
        return source;
    }

    RoleKey role() {
        return new RoleKey(key.roleKey());
    }

    RoleSource source() {
        return new RoleSource(kind, cutInTheShop);
    }
}
