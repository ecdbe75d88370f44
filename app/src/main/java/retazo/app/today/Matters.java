package retazo.app.today;

import java.util.List;
import java.util.Set;
import retazo.app.staff.Right;

/** A part of the shop in which things wait. */
interface Matters {

    /** Of whose work it may be; whoever has none of these rights is not told of it. */
    Set<Right> rights();

    List<Matter> matters(UnderWay underWay);
}
