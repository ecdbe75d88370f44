package retazo.app.practice;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.shared.Seen;
import retazo.core.measure.LengthUnit;

/** A shop that sells by the metre and makes quilts from inch patterns. */
@Tag("slow")
@ExtendWith(TestShop.class)
class MetresTest {

    private final TestShop.Shop shop;
    private final Samples samples;
    private final PracticeService practice;
    private PracticeForm before;

    MetresTest(TestShop.Shop shop, PracticeService practice) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.practice = practice;
    }

    @BeforeEach
    void sell_by_the_metre() {
        before = PracticeForm.of(practice.practice(), practice.notes(), practice.drawingStart(),
                new PackingWay(practice.packets(), practice.bagClosing()), practice.leastContrast());
        Samples.done(practice.change(new PracticeForm(
                before.measures(), before.margin(), LengthUnit.METRE.name(), before.mostSizes(), before.layers(), before.longStrips(),
                before.packets(), before.bagClosing(), before.borderJoin(), before.bindingJoin(), before.papers(), before.drawings()),
                seen()));
    }

    private String seen() {
        return Seen.mark(practice.form().texts());
    }

    @AfterEach
    void as_it_was() {
        Samples.done(practice.change(before, seen()));
    }

    @Test
    void bolts_needs_and_messages_are_in_metres_and_cut_sizes_in_inches() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "12.5 m");
        long kit = samples.kit(fabric);
        Client designer = Client.of(shop, "marisol");

        assertThat(text(designer.get("/stock?words=" + fabric.code()).body())).contains("12.5 m").doesNotContain("≈");
        String asked = designer.get("/counter?words=" + fabric.code() + "+60").body();
        assertThat(text(asked)).contains("60 m", "12.5 m").doesNotContain("2362");
        assertThat(text(designer.get("/stock/bolts/" + bolt).body())).contains("12.5 m", "40in usable");
        String page = text(designer.get("/kits/" + kit).body());
        assertThat(page).containsPattern("\\d m ").doesNotContain(" yd");
    }

    private static String text(String page) {
        return page.replaceAll("<[^>]+>", "").replaceAll("(\\d)\\s*m\\b", "$1 m").replaceAll("\\s+", " ");
    }
}
