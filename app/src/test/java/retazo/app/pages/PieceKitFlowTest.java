package retazo.app.pages;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.KitBook;
import retazo.app.kits.KitService;
import retazo.app.kits.KitWorks;
import retazo.app.kits.NewKits;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.PlannedCut;
import retazo.app.runs.book.RunBook;
import retazo.app.runs.packets.PacketBook;
import retazo.app.stock.Book;
import retazo.core.cloth.RoleKey;
import retazo.core.kit.Contents;
import retazo.core.quilt.piece.PieceNeed;

/**
 * A bag of 1,600 pieces in a real browser, from the run through every ticket to the shelf: 100 blocks of 2 + 5 squares of A and 1 1/2 + 3
 * of B and of C each.
 */
@Tag("slow")
@ExtendWith(TestShop.class)
class PieceKitFlowTest {

    private final TestShop.Shop shop;
    private final Samples samples;
    private final RunBook runs;
    private final PacketBook packets;

    PieceKitFlowTest(TestShop.Shop shop, RunBook runs, PacketBook packets) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.runs = runs;
        this.packets = packets;
    }

    @Test
    void a_bag_of_sixteen_hundred_pieces_goes_from_the_run_to_the_shelf() throws IOException {
        long kit = kit();
        try (Tab designer = Tab.of(shop, "idris")) {
            designer.go("/kits/" + kit + "/cloth");
            designer.press("Cut its pieces in the shop");
            designer.go("/runs/new?words=Ferry+fleet");
            designer.page().locator("[name='bags[" + kit + "]']").fill("1");
            designer.press("See what stock gives");
            designer.press("Confirm and reserve");
        }
        Bag bag = runs.open().stream().map(run -> runs.bags(Set.of(run.id())).get(run.id())).flatMap(List::stream)
                .filter(one -> one.kitId() == kit).findFirst().orElseThrow();
        assertThat(packed(bag)).isEqualTo(planned(kit)).containsEntry("A1", 200).containsEntry("A2", 500).containsEntry("B1", 150);

        cut(bag);
        pack(bag);

        try (Tab counter = Tab.of(shop, "ada")) {
            counter.go("/shelf/" + kit);
            assertThat(counter.page().locator("main, .work").first().textContent()).contains("1");
        }
        assertThat(runs.bag(bag.id()).packed()).isTrue();
        assertThat(Book.itemsThatDiffer(shop)).isZero();
    }

    private long kit() throws IOException {
        String file;
        try (var in = getClass().getResourceAsStream("/demo/01-ferry-wake.json")) {
            file = new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
        String large = file.replaceFirst("\"Ferry Wake\"", "\"" + Samples.unique("Ferry fleet ") + "\"")
                .replaceFirst("\"columns\": 3,\\s*\"rows\": 4", "\"columns\": 10, \"rows\": 10");
        PatternService patterns = samples.bean(PatternService.class);
        PatternVersion pattern = Samples.done(patterns.add(Samples.done(patterns.read(large)), 1));
        Map<RoleKey, Fabric> chosen = new LinkedHashMap<>();
        for (String role : List.of("night", "lantern", "fog", "quay", "back")) {
            Fabric fabric = samples.fabric();
            samples.bolt(fabric, "20 yd");
            chosen.put(new RoleKey(role), fabric);
        }
        return Samples.done(samples.bean(KitService.class).add(
                new NewKits(pattern, List.of("crib"), "fleet", chosen, Map.of(), Contents.EVERYTHING))).get(0);
    }

    private Map<String, Integer> planned(long kit) {
        return samples.bean(KitWorks.class).work(samples.bean(KitBook.class).kit(kit)).plan().pieces().stream()
                .collect(Collectors.toMap(PieceNeed::label, piece -> Math.toIntExact(piece.count().value().value())));
    }

    /** The pieces in all packets, by label; long strips have none. */
    private Map<String, Integer> packed(Bag bag) {
        Map<String, Integer> packed = new LinkedHashMap<>();
        packets.of(bag.id()).forEach(packet -> packet.pieces().stream().filter(piece -> !piece.label().isEmpty())
                .forEach(piece -> packed.merge(piece.label(), piece.count() * packet.times(), Integer::sum)));
        return packed;
    }

    /** Each length by its ticket, then its pieces: the first cloth stack by stack, the others at once. */
    private void cut(Bag bag) {
        List<PlannedCut> lengths = runs.currentCuts(Set.of(bag.runId()));
        try (Tab cutter = Tab.tablet(shop, "nele")) {
            for (PlannedCut length : lengths) {
                cutter.go("/cutting/" + bag.runId() + "/" + length.boltId());
                cutter.press("It is cut");
            }
            boolean first = true;
            for (PlannedCut length : lengths) {
                cutter.go("/cutting");
                Locator link = cutter.page().locator("a[href='/cutting/pieces/" + length.id() + "']");
                if (link.count() == 0) {
                    continue;
                }
                link.click();
                cutter.page().waitForURL("**/cutting/pieces/" + length.id());
                if (first) {
                    stackByStack(cutter);
                } else {
                    cutter.page().getByText("All the rest is cut").click();
                    cutter.press("Record");
                }
                assertThat(cutter.page().locator("body").textContent()).contains("All pieces are cut.");
                first = false;
            }
        }
    }

    private static void stackByStack(Tab cutter) {
        String step = cutter.page().locator(".ticket-step").textContent();
        int stacks = Integer.parseInt(step.replaceAll(".* of ", ""));
        for (int stack = 1; stack <= stacks; stack++) {
            assertThat(cutter.page().locator(".ticket-step").textContent()).isEqualTo("stack " + stack + " of " + stacks);
            cutter.press("This stack is cut");
        }
    }

    private void pack(Bag bag) {
        try (Tab packer = Tab.of(shop, "tomas")) {
            packer.go("/packing/bags/" + bag.id());
            int lines = packer.page().locator(".bag-line").count();
            for (int line = 0; line < lines; line++) {
                Locator put = packer.page().locator(".bag-line form[action$='/tick'] > button.w-full").first();
                Tab.click(packer.page(), put);
            }
            assertThat(packer.page().locator(".head-side").textContent()).contains(lines + " of " + lines + " in the bag");
            packer.press("Done, onto the shelf");
            assertThat(packer.page().locator("[role=status]").textContent()).contains("shelf");
        }
    }
}
