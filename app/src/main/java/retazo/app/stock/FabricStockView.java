package retazo.app.stock;

import java.util.List;
import retazo.app.fabrics.Fabric;
import retazo.app.shared.LengthView;

/** A fabric with its bolts, as the stock page shows it. */
record FabricStockView(Fabric fabric, LengthView onHand, LengthView free, List<BoltView> bolts) {
}
