package retazo.app.papers;

import static org.assertj.core.api.Assertions.assertThat;
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
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
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
import retazo.app.patterns.file.PatternAbout;
import retazo.app.patterns.file.PatternContent;
import retazo.core.block.Block;
import retazo.core.block.BlockKey;
import retazo.core.block.Cell;
import retazo.core.block.shape.FinishedSize;
import retazo.core.block.shape.Orientation;
import retazo.core.block.unit.Unit;
import retazo.core.block.unit.UnitText;
import retazo.core.cloth.PrintKind;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.kit.Contents;
import retazo.core.measure.Length;
import retazo.core.quilt.design.BlockKind;
import retazo.core.quilt.design.Composition;
import retazo.core.quilt.design.Drawing;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.finish.Finishing;
import retazo.core.quilt.piece.PieceNeed;
import retazo.core.quilt.place.PlaceRule;
import retazo.core.quilt.setting.Use;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;

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
        return shop.database().sql("SELECT DISTINCT pattern_id FROM pattern_version ORDER BY pattern_id LIMIT 20").query(Long.class).list()
                .stream()
                .map(id -> samples.bean(PatternService.class).newestOf(id))
                .filter(pattern -> pattern.about().ownDesign())
                .flatMap(pattern -> Stream.concat(
                        kits(pattern, PrintKind.ALL_OVER).stream(), Stream.of(PrintKind.values())
                                .filter(print -> !print.mayTurn()).flatMap(print -> kits(pattern, print).stream().limit(1))))
                .map(id -> samples.bean(KitBook.class).kit(id))
                .filter(kit -> kit.knowsItsPieces() && kit.instructions().haveOurPage())
                .map(kit -> DynamicTest.dynamicTest(
                        kit.name() + " " + kit.fabrics().values().iterator().next().print(), () -> follow(kit, maker)));
    }

    /** A quilt of 3 by 5 blocks of one unit each: every kind, made in every way. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "A/B | 3 | 3 | 2", "half-square:four-at-a-time A, B | 3 | 3 | 4", "half-square:eight-at-a-time A, B | 3 | 3 | 8",
            "half-square:triangles A, B | 3 | 3 | 2", "hourglass A, B | 3 | 3 | 2", "hourglass:half-squares A, B | 3 | 3 | 2",
            "three-patch A, B, C | 3 | 3 | 2", "geese A, B | 4 | 2 | 1", "geese:four-at-a-time A, B | 4 | 2 | 4",
            "clipped A, B top-left:1 1/2, C bottom-right:2 | 3 | 4 | 1", "square-in-square A, B | 4 | 4 | 1",
            "wedge A 1, B | 4 | 5 | 1", "ring A, B, C | 12 | 12 | 0", "ring:blunt A, B, C | 12 | 12 | 0", "half-rectangle A, B | 3 | 6 | 2",
            "slashed A 1, B, C | 6 | 4 | 1",
            "templates A 0:0:4:0:0:3, B 4:0:4:3:0:3 | 4 | 3 | 1", "strip-set A 1, B 2, A 1 | 3 | 4 | 0"})
    void every_kind_of_unit_is_told_with_its_figures(String text, String width, String height, int perPiece) {
        long id = kits(unitPattern(text.strip(), new FinishedSize(Length.parse(width), Length.parse(height))), PrintKind.ALL_OVER).get(0);
        Kit kit = samples.bean(KitBook.class).kit(id);
        Client maker = Client.of(shop, "idris");

        follow(kit, maker);

        PageReader.Unit unit = PageReader.of(maker.get("/kits/" + id + "/cutting-page").body()).units().get(0);
        assertThat(unit.needed()).isEqualTo(15);
        assertThat(unit.how()).hasSizeGreaterThan(40).doesNotContain("{", "make.");
        if (perPiece > 0) {
            assertThat(unit.come()).isEqualTo(unit.firstTaken() * perPiece);
        }
    }

    private PatternVersion unitPattern(String text, FinishedSize size) {
        Map<String, RoleKey> roles = Map.of("A", new RoleKey("A"), "B", new RoleKey("B"), "C", new RoleKey("C"));
        Unit unit = UnitText.read(text, roles).match(read -> read, problem -> {
            throw new IllegalArgumentException(text + ": " + problem);
        });
        BlockKey key = new BlockKey("one");
        Block block = Block.of(List.of(size.width()), List.of(size.height()), List.of(Cell.at(0, 0, unit, Orientation.UPRIGHT)));
        QuiltDesign design = QuiltDesign.drawn(
                unit.roles().stream().sorted().map(role -> Role.of(role, role.value(), "cloth " + role.value())).toList(),
                List.of(QuiltSize.Grid.of(new SizeKey("lap"), "Lap", 3, 5, List.of())),
                Drawing.of(List.of(new BlockKind(key, "one", block)), Composition.straight(PlaceRule.uniform(key), Finishing.NONE)));
        return Samples.done(samples.bean(PatternService.class).add(
                new PatternContent(Samples.unique("Of one unit "), PatternAbout.OWN, design), 1));
    }

    private List<Long> kits(PatternVersion pattern, PrintKind print) {
        Map<RoleKey, Fabric> fabrics = new HashMap<>();
        pattern.design().roles().forEach(role -> fabrics.put(role.key(), samples.fabric(print)));
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
            cloth.cuts().forEach(one -> all.assertThat(one.area()).as("what a strip of %s gives: %s", cloth.name(), one.gives())
                    .isLessThanOrEqualTo(cloth.usableWidth() * one.height() + 0.01));
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

    /** Of several labels, whose pieces differ in how their print stands, as many as there are of each. */
    private static void take(Map<String, Integer> single, String[] labels, int count) {
        int left = count;
        for (int i = 0; i < labels.length; i++) {
            int taken = i == labels.length - 1 ? left : Math.min(left, single.getOrDefault(labels[i], 0));
            single.computeIfPresent(labels[i], (label, all) -> all - taken);
            left -= taken;
        }
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
            unit.takes().forEach((labels, count) -> take(single, labels.split(" / "), count));
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
