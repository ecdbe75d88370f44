package retazo.app.staff;

import java.util.EnumSet;
import java.util.Set;

/** What a person does in the shop, and so what they may do here. */
public enum Job {
    /** Everything, people and practice included. */
    OWNER("owner", EnumSet.allOf(Right.class)),
    DESIGNER("designer", EnumSet.of(Right.PATTERNS, Right.KITS, Right.RUNS, Right.STOCK, Right.FABRICS)),
    CUTTER("cutter", EnumSet.of(Right.CUTTING, Right.STOCK, Right.CORRECT)),
    PACKER("packer", EnumSet.of(Right.PACKING)),
    COUNTER("counter", EnumSet.of(Right.SHELF, Right.STOCK, Right.COUNTER_CUT, Right.RECEIVE)),
    /** Orders cloth, keeps fabrics and their prices, takes deliveries in. */
    BUYER("buyer", EnumSet.of(Right.STOCK, Right.RECEIVE, Right.FABRICS, Right.BUY));

    private final String word;
    private final Set<Right> rights;

    Job(String word, Set<Right> rights) {
        this.word = word;
        this.rights = rights;
    }

    public String word() {
        return word;
    }

    public Set<Right> rights() {
        return rights;
    }
}
