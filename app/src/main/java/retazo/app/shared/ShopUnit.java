package retazo.app.shared;

import retazo.core.measure.LengthUnit;

/** In which unit the shop sells cloth. */
public interface ShopUnit {

    /** Yards or metres. */
    LengthUnit sellingUnit();
}
