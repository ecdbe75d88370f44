package retazo.app.swatches;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/** Photographs of fabrics as they are kept. */
@Tag("slow")
@ExtendWith(TestShop.class)
class SwatchesTest {

    private static final Length INCH = Length.ofInches(1);

    private final Samples samples;
    private final Swatches swatches;
    private final FabricService fabrics;

    SwatchesTest(TestShop.Shop shop, Swatches swatches, FabricService fabrics) {
        this.samples = new Samples(shop);
        this.swatches = swatches;
        this.fabrics = fabrics;
    }

    @Test
    void marks_in_a_photograph_that_was_changed_meanwhile_are_refused_and_those_that_reach_out_of_it_too() {
        Fabric fabric = samples.fabric();
        Samples.done(swatches.put(fabric.id(), Photos.file("png", 800, 600), 1));
        int version = swatches.photo(fabric.id()).orElseThrow().version();

        assertThat(code(fabric, laid(100, INCH), version + 1)).isEqualTo("swatch.meanwhile");
        assertThat(code(fabric, laid(100, Length.ofInches(40)), version)).isEqualTo("swatch.repeat-outside");
        assertThat(code(fabric, laid(100, Length.ofInches(1, 16)), version)).isEqualTo("swatch.repeat-too-small");
        assertThat(code(fabric, laid(480, INCH), version)).isEqualTo("swatch.points-too-near");
        assertThat(fabrics.fabric(fabric.id()).tile()).isEmpty();

        Samples.done(swatches.lay(fabric.id(), laid(100, INCH), version));
        String mark = fabrics.fabric(fabric.id()).tile().orElseThrow().mark();
        Samples.done(swatches.put(fabric.id(), Photos.file("png", 400, 400), 1));
        assertThat(fabrics.fabric(fabric.id()).tile().orElseThrow().mark()).as("another photograph is not drawn until it is laid")
                .isEqualTo(mark);
        String removed = fabrics.removeUnused(List.of(fabric.code())).match(done -> "gone", problems -> problems.get(0).code());
        assertThat(removed).as("a list that is taken back takes no photograph with it").isEqualTo("fabric.used");
        swatches.takeAway(fabric.id());
        assertThat(fabrics.fabric(fabric.id()).tile()).isEmpty();
        assertThat(fabrics.fabric(fabric.id()).repeat()).contains(INCH);
        swatches.remove(fabric.id());
        assertThat(swatches.photo(fabric.id())).isEmpty();
        String unused = fabrics.removeUnused(List.of(fabric.code())).match(done -> "gone", problems -> problems.get(0).code());
        assertThat(unused).isEqualTo("gone");
    }

    private String code(Fabric fabric, Laid laid, int version) {
        return swatches.lay(fabric.id(), laid, version).match(
                done -> "done", problems -> problems.stream().map(Problem::code).findFirst().orElseThrow());
    }

    /** A ruler that ends at 500 dots. */
    private static Laid laid(int fromX, Length repeat) {
        return new Laid(fromX, 500, 500, 500, Length.ofInches(4), Laid.Lies.ACROSS, 200, 300, repeat, repeat, null, null);
    }
}
