package retazo.app.kits.prints;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EmbeddedId;
import jakarta.persistence.Entity;
import jakarta.persistence.Table;

/** Which prints one unit of a kit takes together, for a role from a bundle. */
@Entity
@Table(name = "kit_pairing")
class KitPairingEntity {

    /** Which role of which kit. */
    @Embeddable
    record Key(@Column(name = "kit_id", nullable = false) long kitId, @Column(name = "role_key", nullable = false) String roleKey) {
    }

    @EmbeddedId
    private Key key = new Key(0, "");

    @Column(nullable = false)
    private int units;

    @Column(nullable = false)
    private String places = "";

    @Column(nullable = false)
    private int identical;

    protected KitPairingEntity() {
    }

    static KitPairingEntity of(Key key, PairingRule rule) {
        KitPairingEntity pairing = new KitPairingEntity();
        pairing.key = key;
        pairing.units = rule.units();
        pairing.places = rule.placesText();
        pairing.identical = rule.unit().identical();
        return pairing;
    }

    String roleKey() {
        return key.roleKey();
    }

    PairingRule toRule() {
        return new PairingRule(units, PairingRule.unit(places, identical).orElseThrow());
    }
}
