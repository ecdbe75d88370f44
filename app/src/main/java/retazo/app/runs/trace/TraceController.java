package retazo.app.runs.trace;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.shared.LengthView;
import retazo.app.shared.ShopUnit;
import retazo.app.shared.Words;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;

/** Where the cloth of a bolt's lot went, and what became of the cloth of a run. */
@Controller
class TraceController {

    private final Traces traces;
    private final StockService stock;
    private final FabricService fabrics;
    private final ShopUnit unit;
    private final Words words;

    TraceController(Traces traces, StockService stock, FabricService fabrics, ShopUnit unit, Words words) {
        this.words = words;
        this.traces = traces;
        this.stock = stock;
        this.fabrics = fabrics;
        this.unit = unit;
    }

    /** A bag as its row shows it. */
    record BagRow(Traces.LotBag bag, LengthView length) {
    }

    /** A fabric as its row shows it. */
    record YieldRow(Fabric fabric, LengthView planned, LengthView cut, LengthView flawed, LengthView wasted, LengthView remnants,
            LengthView sold) {
    }

    @GetMapping("/stock/bolts/{id}/bags")
    String bags(@PathVariable long id, Model model) {
        Bolt bolt = stock.bolt(id);
        LengthUnit selling = unit.sellingUnit();
        model.addAttribute("bolt", bolt);
        model.addAttribute("fabric", fabrics.fabric(bolt.fabricId()));
        model.addAttribute("bags", traces.ofLot(bolt.fabricId(), bolt.lot()).stream()
                .map(bag -> new BagRow(bag, LengthView.of(bag.length(), selling))).toList());
        return "stock/lot-bags";
    }

    @GetMapping("/runs/{id}/cloth")
    String cloth(@PathVariable long id, Model model) {
        LengthUnit selling = unit.sellingUnit();
        List<YieldRow> rows = traces.ofRun(id).stream().map(one -> new YieldRow(
                one.fabric(), view(one.planned(), selling), view(one.cut(), selling), view(one.flawed(), selling),
                view(one.wasted(), selling), view(one.remnants(), selling), view(one.sold(), selling))).toList();
        model.addAttribute("runId", id);
        model.addAttribute("rows", rows);
        Traces.BagTimes times = traces.times(id);
        model.addAttribute("times", Stream.of(
                said("trace.cutting-time", times.cutting()), said("trace.packing-time", times.packing())).flatMap(Optional::stream)
                .toList());
        model.addAttribute("prints", rows.stream().map(YieldRow::fabric).toList());
        return "runs/cloth";
    }

    private Optional<String> said(String key, Optional<Duration> time) {
        return time.map(each -> words.text(key, Math.max(1, Math.round(each.toSeconds() / 60.0))));
    }

    private static LengthView view(Length length, LengthUnit selling) {
        return LengthView.onHand(length, selling);
    }
}
