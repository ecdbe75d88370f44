package retazo.app.papers;

import static org.assertj.core.api.Assertions.within;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.assertj.core.api.SoftAssertions;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.TestFactory;
import org.junit.jupiter.api.extension.ExtendWith;
import retazo.app.Client;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.KitService;
import retazo.app.kits.KitWorks;
import retazo.app.kits.NewKits;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.core.cloth.RoleKey;
import retazo.core.kit.Contents;
import retazo.core.quilt.piece.PieceNeed;
import retazo.core.quilt.setting.Use;

/** Follows our cutting page of every pattern of ours in the demo shop, at every size, with nothing but what it says. */
@Tag("slow")
@ExtendWith(TestShop.class)
class MakersPageTest {

    private static final double SEAM = 0.25;

    private final TestShop.Shop shop;
    private final Samples samples;

    MakersPageTest(TestShop.Shop shop) {
        this.shop = shop;
        this.samples = new Samples(shop);
    }

    @TestFactory
    Stream<DynamicTest> the_cloth_in_the_bag_suffices_and_the_pieces_come_out() {
        Client maker = Client.of(shop, "idris");
        return shop.database().sql("SELECT DISTINCT pattern_id FROM pattern_version ORDER BY pattern_id LIMIT 19").query(Long.class).list()
                .stream()
                .map(id -> samples.bean(PatternService.class).newestOf(id))
                .filter(pattern -> pattern.about().ownDesign())
                .flatMap(pattern -> kits(pattern).stream())
                .map(id -> samples.bean(KitBook.class).kit(id))
                .filter(kit -> kit.knowsItsPieces() && kit.hasCuttingPage())
                .map(kit -> DynamicTest.dynamicTest(kit.name(), () -> follow(kit, maker)));
    }

    private List<Long> kits(PatternVersion pattern) {
        Map<RoleKey, Fabric> fabrics = new HashMap<>();
        pattern.design().roles().forEach(role -> fabrics.put(role.key(), samples.fabric()));
        List<String> sizes = pattern.design().sizes().stream().map(size -> size.key().value()).toList();
        return samples.bean(KitService.class)
                .add(new NewKits(pattern, sizes, Samples.unique("followed "), fabrics, Map.of(), Contents.EVERYTHING))
                .match(ids -> ids, problems -> List.of());
    }

    private void follow(Kit kit, Client maker) {
        PageReader page = PageReader.of(maker.get("/kits/" + kit.id() + "/cutting-page").body());
        SoftAssertions all = new SoftAssertions();
        Map<String, Integer> cut = new HashMap<>();
        for (PageReader.Cloth cloth : page.cloths()) {
            all.assertThat(cloth.length() + 1).as("%s with its end squared", cloth.name()).isLessThanOrEqualTo(page.inBag(cloth.name()));
            cloth.cuts().forEach(one -> one.pieces().forEach((label, count) -> cut.merge(label, count, Integer::sum)));
        }
        Map<String, Integer> planned = planned(kit);
        Map<String, Integer> asCut = new HashMap<>(planned);
        cut.keySet().stream().filter(labels -> labels.contains(", ")).forEach(labels -> asCut.put(labels, Stream.of(labels.split(", "))
                .mapToInt(label -> asCut.getOrDefault(label, 0)).sum()));
        cut.keySet().stream().flatMap(labels -> labels.contains(", ") ? Stream.of(labels.split(", ")) : Stream.empty())
                .forEach(asCut::remove);
        all.assertThat(cut).as("pieces of%n%s", page.text()).isEqualTo(asCut);
        units(page, kit, planned, all);
        all.assertAll();
    }

    /** What the core plans, of rectangles: strips of sets are told by the set. */
    private Map<String, Integer> planned(Kit kit) {
        return pieces(kit).filter(piece -> piece.shape().setRoles().isEmpty())
                .collect(Collectors.toMap(PieceNeed::label, piece -> Math.toIntExact(piece.count().value().value())));
    }

    private Stream<PieceNeed> pieces(Kit kit) {
        return samples.bean(KitWorks.class).work(kit).plan().pieces().stream();
    }

    /** Units and single patches cover the blocks exactly: their finished areas add up to those of all blocks. */
    private void units(PageReader page, Kit kit, Map<String, Integer> planned, SoftAssertions all) {
        List<PageReader.Blocks> blocks = page.blocks(SEAM);
        if (blocks.isEmpty()) {
            return;
        }
        Map<String, Integer> single = new HashMap<>(planned);
        pieces(kit).filter(piece -> !piece.use().equals(Use.BLOCKS)).forEach(piece -> single.remove(piece.label()));
        double covered = 0;
        for (PageReader.Unit unit : page.units()) {
            all.assertThat(unit.come()).as(unit.name()).isGreaterThanOrEqualTo(unit.needed());
            unit.takes().forEach((label, count) -> single.computeIfPresent(label, (any, left) -> left - count));
            covered += unit.needed() * unit.area(SEAM);
        }
        for (Map.Entry<String, Integer> left : single.entrySet()) {
            all.assertThat(left.getValue()).as("%s that no unit takes", left.getKey()).isNotNegative();
            covered += left.getValue() > 0 ? left.getValue() * page.area(left.getKey(), SEAM) : 0;
        }
        all.assertThat(covered).as("area of all blocks").isCloseTo(
                blocks.stream().mapToDouble(block -> block.count() * block.area()).sum(), within(0.5));
    }
}
