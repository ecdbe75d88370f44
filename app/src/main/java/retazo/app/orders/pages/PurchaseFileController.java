package retazo.app.orders.pages;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import retazo.app.labels.FloorPaper;
import retazo.app.labels.LabelAnswers;
import retazo.app.orders.Purchase;
import retazo.app.shared.CsvFile;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.measure.LengthParts;
import retazo.core.measure.LengthUnit;

/** An order as a paper and as a table, to be sent in whatever way the supplier takes it. */
@Controller
class PurchaseFileController {

    private final PurchasePages pages;
    private final LabelAnswers answers;
    private final Words words;

    PurchaseFileController(PurchasePages pages, LabelAnswers answers, Words words) {
        this.pages = pages;
        this.answers = answers;
        this.words = words;
    }

    /** The fabrics of each range together. */
    @GetMapping("/stock/buying/orders/{id:\\d+}/order.pdf")
    ResponseEntity<byte[]> paper(@PathVariable long id) {
        PurchasePages.OrderPage page = pages.order(id, null);
        LengthUnit unit = words.sellingUnit();
        Map<String, List<FloorPaper.Line>> byRange = new LinkedHashMap<>();
        for (int i = 0; i < page.lines().size(); i++) {
            PurchasePages.LineView line = page.lines().get(i);
            Purchase.Line ordered = page.purchase().lines().get(i);
            String range = line.fabric().origin().range().isEmpty() ? words.text("order.paper.no-range") : line.fabric().origin().range();
            byRange.computeIfAbsent(range, one -> new ArrayList<>()).add(new FloorPaper.Line(
                    false, line.fabric().code(), line.fabric().name(),
                    words.text("order.paper.amount", ordered.ordered().count(), LengthView.of(ordered.ordered().each(), unit).plain()),
                    line.cost()));
        }
        String under = Stream.of(
                words.text("order.paper.to", page.supplier().name()), said("order.paper.account", page.supplier().account()),
                said("order.amount", page.amount()), page.purchase().note()).filter(text -> !text.isEmpty())
                .collect(Collectors.joining(" · "));
        return answers.answer(
                new FloorPaper("", words.text("order.number", id), under,
                        byRange.entrySet().stream().map(range -> new FloorPaper.Part(range.getKey(), range.getValue())).toList()),
                "order-" + id);
    }

    private String said(String sentence, String of) {
        return of.isEmpty() ? "" : words.text(sentence, of);
    }

    @GetMapping("/stock/buying/orders/{id:\\d+}/order.csv")
    void table(@PathVariable long id, HttpServletResponse response) throws IOException {
        PurchasePages.OrderPage page = pages.order(id, null);
        LengthUnit unit = words.sellingUnit();
        CsvFile.write(
                "order-" + id,
                List.of("order", "supplier", "account", "code", "fabric", "range", "bolts", "length of a bolt", "unit", "cost", "currency"),
                response, lines -> {
                    for (int i = 0; i < page.lines().size(); i++) {
                        PurchasePages.LineView line = page.lines().get(i);
                        Purchase.Line ordered = page.purchase().lines().get(i);
                        lines.accept(List.of(
                                id, page.supplier().name(), page.supplier().account(), line.fabric().code(), line.fabric().name(),
                                line.fabric().origin().range(), ordered.ordered().count(),
                                LengthParts.typed(ordered.ordered().each(), unit), unit.symbol(),
                                ordered.cost().map(cost -> cost.each().plainAmount()).orElse(""),
                                ordered.cost().map(cost -> cost.each().currency().getCurrencyCode()).orElse("")));
                    }
                });
    }
}
