package retazo.app.today;

import java.util.List;

/** A part of the shop in which things wait. */
interface Matters {

    List<Matter> matters(UnderWay underWay);
}
