package retazo.app.stock.bolts;

import java.util.List;
import retazo.app.fabrics.Fabric;
import retazo.app.shared.LengthView;

/**
 * A fabric with its bolts, as the stock page shows it.
 *
 * @param price in words
 */
record FabricStockView(Fabric fabric, String price, LengthView onHand, LengthView free, List<BoltView> bolts) {
}
