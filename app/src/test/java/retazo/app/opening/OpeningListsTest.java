package retazo.app.opening;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import retazo.app.Samples;
import retazo.app.TestShop;
import retazo.app.audit.BookAudit;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.kits.index.KitIndex;
import retazo.app.kits.index.KitTitle;
import retazo.app.runs.BagShelf;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;
import retazo.app.staff.SignedIn;
import retazo.app.staff.StaffService;
import retazo.app.stock.Bolt;
import retazo.app.stock.Reason;
import retazo.app.stock.StockService;
import retazo.app.stock.goods.Good;
import retazo.app.stock.goods.GoodService;
import retazo.core.cloth.PrintKind;
import retazo.core.measure.Length;

@Tag("slow")
@ExtendWith(TestShop.class)
class OpeningListsTest {

    private static final Duration LONG = Duration.ofSeconds(60);

    private final TestShop.Shop shop;
    private final Samples samples;
    private final OpeningLists lists;
    private final OpeningWork work;
    private final Rows rows;
    private final OpeningListRepository kept;
    private final SignedIn owner;

    OpeningListsTest(TestShop.Shop shop, OpeningLists lists, OpeningWork work, Rows rows, OpeningListRepository kept, StaffService staff) {
        this.shop = shop;
        this.samples = new Samples(shop);
        this.lists = lists;
        this.work = work;
        this.rows = rows;
        this.kept = kept;
        this.owner = staff.loadUserByUsername("marisol");
    }

    /** What is wrong with a whole file is said before any of it is kept. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "fabric,lot,length,Length|Two columns are called",
            "fabric,lot,place|These columns are missing in the first line: length.",
            "apples,pears|is not the heading of any list",
            "fabric,lot,length|no line below it"})
    void a_file_that_is_no_list_is_refused(String heading, String sentence) {
        long before = kept.count();

        String refused = lists.read("list.csv", (heading + "\n" + (sentence.startsWith("no line") ? "" : "a,b,c,d\n"))
                .getBytes(StandardCharsets.UTF_8), owner).match(id -> "read", problems -> words().of(problems.get(0)));

        assertThat(refused).contains(sentence);
        assertThat(kept.count()).isEqualTo(before);
    }

    /** Each line has one fault, in the column that is named, and its sentence says what would help. */
    @Test
    void every_kind_of_fault_is_told_at_its_line_and_column_and_nothing_is_booked() {
        Fabric fabric = samples.fabric();
        long bolt = samples.bolt(fabric, "3 yd");
        String taken = samples.bean(StockService.class).bolt(bolt).code();
        String code = fabric.code();
        told("fabric,bolt,lot,place,length,usable width,measured", List.of(
                ",K1,Z,,1,,|fabric|has to be filled in", "NO SUCH,K2,Z,,1,,|fabric|No fabric",
                code + ",K 3,Z,,1,,|code|letters, digits and hyphens", code + "," + taken + ",Z,,1,,|code|There is a bolt",
                code + ",K5,Z,,1,,|ok|", code + ",k5,Z,,1,,|code|stands in line 6 already",
                code + ",K666666666666666666666,Z,,1,,|code|characters", code + ",K7,,,1,,|lot|has to be filled in",
                code + ",K8," + "z".repeat(31) + ",,1,,|lot|characters", code + ",K9,Z," + "z".repeat(41) + ",1,,|place|characters",
                code + ",K10,Z,,,,|length|Type a length", code + ",K11,Z,,nine,,|length|is not a length",
                code + ",K12,Z,,-2,,|length|", code + ",K13,Z,,0,,|length|", code + ",K14,Z,,1/0,,|length|",
                code + ",K15,Z,,301 yd,,|length|", code + ",K16,Z,,99999999999,,|length|", code + ",K17,Z,,1,wide,|usableWidth|",
                code + ",K18,Z,,1,900 in,|usableWidth|", code + ",K19,Z,,1,,perhaps|measured|yes or no",
                code + ",K20,Z,,1,,,and more|line|more in this line",
                code + ",K21,Z,,1,,," + "more ".repeat(500) + "|line|more in this line"));
        told("code,name,colour,print colour,motif,kind,direction,repeat,usable width,price,cost,range,supplier", List.of(
                ",Dune,red,,,,,,,,,,|code|has to be filled in", "D UN,Dune,red,,,,,,,,,,|code|", code + ",Dune,red,,,,,,,,,,|code|",
                "DUN1,,red,,,,,,,,,,|name|has to be filled in", "DUN2," + "d".repeat(61) + ",red,,,,,,,,,,|name|",
                "DUN3,Dune,mauvish,,,,,,,,,,|groundColour|is no colour here", "DUN4,Dune,,,,,,,,,,,|groundColour|is no colour",
                "DUN5,Dune,red,mauvish,,,,,,,,,|printColour|is no colour", "DUN6,Dune,red,,zigzag,,,,,,,,|motif|flecks",
                "DUN7,Dune,red,,,silk,,,,,,,|kind|flannel", "DUN8,Dune,red,,,,upwards,,,,,,|direction|one-way",
                "DUN9,Dune,red,,,,,far,,,,,|repeat|", "DUN10,Dune,red,,,,,900 in,,,,,|repeat|", "DUN11,Dune,red,,,,,,2 in,,,,|usableWidth|",
                "DUN12,Dune,red,,,,,,,cheap,,,|price|is no amount", "DUN13,Dune,red,,,,,,,,1.999,,|cost|is no amount",
                "DUN14,Dune,red,,,,,,,,," + "r".repeat(61) + ",|origin.range|",
                "DUN15,Dune,red,,,,,,,,,," + "s".repeat(61) + "|origin.supplier|"));
        told("code,name,kind,in a pack,colour,measured,prints,count", List.of(
                "G1,Roll,scarf,40,,,,1|kind|is none of: strip-roll", "G2,Roll,strip-roll,0,,,,1|perUnit|",
                "G3,Roll,strip-roll,,,,,1|perUnit|",
                "G4,Roll,strip-roll,40,mauvish,,,1|colour|", "G5,Roll,strip-roll,40,,large,,1|sheet|", "G6,Roll,own,40,,,,1|sheet|",
                "G7,Roll,strip-roll,40,,,\"Reed, 0\",1|prints|", "G8,Roll,strip-roll,40,,,,-1|count|", "G9,Roll,strip-roll,40,,,,|count|",
                ",No such pattern,pattern-copy,,,,,1|name|No pattern", "G 11,Roll,strip-roll,40,,,,1|code|"));
        KitTitle kit = title();
        String name = '"' + kit.name() + '"';
        told("kit,number,bags", List.of(
                ",,1|kit|has to be filled in", "Nothing of that name,,1|kit|No kit is called that",
                name + ",,some|bags|", name + ",,|bags|", name + ",,501|bags|", name + ",999999,1|number|another number: " + kit.id(),
                name + ",,1|ok|", name.toUpperCase(Locale.ROOT) + "," + kit.id() + ",2|kit|stands in line 8 already",
                name + ",,1,more|line|more in this line"));
        told("sign-in name,name,jobs", List.of(
                "N,Nobody,cutter|signInName|", "marisol,Other,cutter|signInName|", "nob,,cutter|name|",
                "nob2,Nobody,tailor|jobs|is none of: owner",
                "nob3,Nobody,|jobs|"));
    }

    private void told(String heading, List<String> lines) {
        String text = heading + "\n" + lines.stream().map(line -> line.split("\\|")[0]).collect(Collectors.joining("\n"));
        long id = read(text);
        Map<Integer, Map<String, String>> faults = rows.faults(id, rows.all(id).stream().map(Row::line).toList());
        int line = 2;
        for (String one : lines) {
            String[] parts = one.split("\\|", -1);
            Map<String, String> found = faults.getOrDefault(line, Map.of());
            if (parts[1].equals("ok")) {
                assertThat(found).as(one).isEmpty();
            } else {
                assertThat(found.keySet()).as(one).containsExactly(parts[1]);
                assertThat(found.get(parts[1])).as(one).contains(parts[2]).hasSizeGreaterThan(10);
            }
            line++;
        }
        assertThat(lists.book(id, owner)).as("refused").isInstanceOf(Outcome.Refused.class);
        Samples.done(lists.discard(id, owner));
        assertThat(rows.count(id)).isZero();
    }

    @Test
    void bolts_are_booked_whole_under_one_entry_and_taken_back_whole() {
        Fabric fabric = samples.fabric();
        StockService stock = samples.bean(StockService.class);
        String number = Samples.unique("OPEN");
        String text = "Fabric;Bolt;Lot;Place;Length;Measured\n" + fabric.code() + ";" + number + ";A7;bay 3, shelf B;9 3/4;yes\n"
                + fabric.name() + ";;A7;;12,5 m;\n" + fabric.picked() + ";;A8;;1⅓;no\n";
        long id = read(text);
        assertThat(kept.findById(id).orElseThrow().sum()).contains("3 bolts of 1 fabric", "2 lengths are estimates");

        book(id);

        List<Bolt> bolts = stock.boltsOf(List.of(fabric.id()));
        Bolt first = bolts.stream().filter(bolt -> bolt.code().equals(number)).findFirst().orElseThrow();
        assertThat(first.onHand()).isEqualTo(Length.ofYards(39, 4));
        assertThat(first.place()).isEqualTo("bay 3, shelf B");
        assertThat(first.measuredAt()).isPresent();
        assertThat(bolts).hasSize(3).extracting(Bolt::onHand)
                .contains(Length.ofMillimetres(12_500), Length.ofYards(4, 3));
        assertThat(bolts).filteredOn(bolt -> bolt.measuredAt().isPresent()).containsExactly(first);
        assertThat(bolts).extracting(Bolt::code).doesNotHaveDuplicates();
        assertThat(stock.linesOf(first.id(), 5)).singleElement().satisfies(line -> assertThat(line.reason()).isEqualTo(Reason.RECEIVED));
        assertThat(lists.book(id, owner)).as("booked once").isInstanceOf(Outcome.Refused.class);

        Samples.done(stock.take(bolts.get(1).id(), Length.ofInches(9), Reason.SOLD_BY_LENGTH, Samples.entry()));
        takeBack(id);
        assertThat(kept.findById(id).orElseThrow().told()).contains("Something newer was booked on " + bolts.get(1).code());
        assertThat(stock.bolt(first.id()).onHand()).isEqualTo(first.onHand());

        long movement = stock.linesOf(bolts.get(1).id(), 1).get(0).id();
        Samples.done(stock.reverseLine(movement, Samples.entry()));
        takeBack(id);
        assertThat(stock.boltsOf(List.of(fabric.id()))).as("still newer lines there").extracting(Bolt::onHand).contains(first.onHand());
    }

    @Test
    void what_is_taken_back_leaves_its_numbers_free_for_a_better_list() {
        Fabric fabric = samples.fabric();
        StockService stock = samples.bean(StockService.class);
        String number = Samples.unique("OPEN");
        long id = read("fabric,bolt,lot,length\n" + fabric.code() + "," + number + ",A7,97 1/2\n");
        book(id);
        long bolt = stock.boltByCode(number).orElseThrow().id();

        Samples.done(lists.takeBack(id, samples.bean(StaffService.class).loadUserByUsername("ada")));
        work.begin(id);
        work.await(id, LONG);

        assertThat(kept.findById(id).orElseThrow().state()).isEqualTo(OpeningListEntity.State.TAKEN_BACK);
        assertThat(stock.bolt(bolt).onHand()).isEqualTo(Length.ZERO);
        assertThat(stock.linesOf(bolt, 1)).singleElement().satisfies(line -> {
            assertThat(line.person()).isEqualTo("Ada");
            assertThat(line.reason()).isEqualTo(Reason.REVERSAL);
            assertThat(line.note()).isEqualTo("was bolt " + number);
        });
        book(read("fabric,bolt,lot,length\n" + fabric.code() + "," + number + ",A7,9 3/4\n"));
        assertThat(stock.boltByCode(number).orElseThrow().onHand()).isEqualTo(Length.ofYards(39, 4));
    }

    /** Of 2,500 lines the last but one is a bolt that was received after the list was checked. */
    @Test
    void a_list_is_read_anew_before_it_is_booked_and_then_whole_or_not_at_all() {
        Fabric fabric = samples.fabric();
        StockService stock = samples.bean(StockService.class);
        String stem = Samples.unique("ALL") + "-";
        StringBuilder text = new StringBuilder("fabric,bolt,lot,length\n");
        for (int i = 1; i <= 2_500; i++) {
            text.append(fabric.code()).append(',').append(stem).append(i).append(",L,1\n");
        }
        long id = read(text.toString());
        Samples.done(stock.receive(new retazo.app.stock.NewBolt(
                stem + 2_499, fabric.id(), "L", "", Length.ofInches(40), Length.ofYards(2, 1), true), Samples.entry()));

        book(id);

        assertThat(kept.findById(id).orElseThrow().told()).startsWith("Nothing was booked");
        assertThat(rows.faults(id, List.of(2_500)).get(2_500)).containsOnlyKeys("code");
        assertThat(stock.boltsOf(List.of(fabric.id()))).hasSize(1);

        Samples.done(lists.write(id, List.of(new Row(2_500, Map.of())), owner));
        work.begin(id);
        work.await(id, LONG);
        book(id);
        assertThat(stock.boltsOf(List.of(fabric.id()))).hasSize(2_500);

        takeBack(id);
        assertThat(stock.boltsOf(List.of(fabric.id()))).filteredOn(bolt -> bolt.onHand().isPositive()).hasSize(1);
    }

    @Test
    void what_a_stopped_server_left_is_begun_anew_and_booked_once() {
        Fabric fabric = samples.fabric();
        long id = read("fabric,bolt,lot,length\n" + fabric.code() + "," + Samples.unique("STOP") + ",A7,2\n");
        Samples.done(lists.book(id, owner));

        work.goOn();
        work.await(id, LONG);
        work.begin(id);
        work.await(id, LONG);

        assertThat(kept.findById(id).orElseThrow().state()).isEqualTo(OpeningListEntity.State.BOOKED);
        assertThat(samples.bean(StockService.class).boltsOf(List.of(fabric.id()))).extracting(Bolt::onHand)
                .containsExactly(Length.ofYards(2, 1));
    }

    @Test
    void fabrics_come_with_all_that_a_shop_writes_down_and_go_again_while_nothing_uses_them() {
        FabricService fabrics = samples.bean(FabricService.class);
        String one = Samples.unique("OWN");
        String other = Samples.unique("OWN");
        long id = read("Fabric code,Description,Color,Collection,Vendor,Direction,Motif,Kind,Price,Cost,Usable width\n"
                + one + ",Dune grass,teal,Tideline,Quay Cloth,one way across,sails,Flannel,12.90,6.20,42 1/2\n"
                + other.toLowerCase(java.util.Locale.ROOT) + ",Salt,#F4F1EA,Tideline,Quay Cloth,,,,,,\n");
        assertThat(kept.findById(id).orElseThrow().sum()).isEqualTo("2 fabrics, of 1 range");

        book(id);

        Fabric first = fabrics.byCode(one).orElseThrow();
        assertThat(first.origin().range()).isEqualTo("Tideline");
        assertThat(first.origin().supplier()).isEqualTo("Quay Cloth");
        assertThat(first.print()).isEqualTo(PrintKind.ONE_WAY_ACROSS);
        assertThat(first.usableWidth()).contains(Length.ofInches(85, 2));
        assertThat(first.prices().price().orElseThrow().each().plainAmount()).isEqualTo("12.90");
        assertThat(fabrics.first("tideline dune", 5)).extracting(Fabric::code).contains(one);
        assertThat(fabrics.byCode(other).orElseThrow().groundColour()).hasToString("#f4f1ea");

        long bolt = samples.bolt(first, "1 yd");
        takeBack(id);
        assertThat(kept.findById(id).orElseThrow().told()).contains(one, "none of these were removed");
        assertThat(fabrics.byCode(other)).isPresent();
        assertThat(bolt).isPositive();

        long unused = read("code,name,colour\n" + Samples.unique("OWN") + ",Kelp,green\n");
        book(unused);
        takeBack(unused);
        assertThat(kept.findById(unused).orElseThrow().state()).isEqualTo(OpeningListEntity.State.TAKEN_BACK);
    }

    @Test
    void packs_come_with_their_prints_and_more_of_them_is_booked_in() {
        GoodService goods = samples.bean(GoodService.class);
        String code = Samples.unique("ROLL");
        String line = code + ",Tideline strips,strip-roll,40,teal,\"Reed stripe, dark, 2; Gull dot, light\",42.00,21.00,";
        long id = read("code,name,kind,in a pack,colour,prints,price,cost,count\n" + line + "6\n" + Samples.unique("THR")
                + ",Grey thread,thread,,,,4.50,,12\n");

        book(id);
        book(read("code,name,kind,in a pack,colour,prints,price,cost,count\n" + line + "2\n"));

        Good roll = goods.byCode(code).orElseThrow();
        assertThat(goods.counts(List.of(roll.id())).get(roll.id()).onHand()).isEqualTo(8);
        assertThat(goods.prints(roll.id())).extracting(print -> print.name() + " " + print.pieces()).containsExactly("Reed stripe 2",
                "Gull dot 1");
        assertThat(roll.perUnit()).isEqualTo(40);
        takeBack(id);
        assertThat(kept.findById(id).orElseThrow().told()).contains("Something newer was booked");
    }

    @Test
    void packed_kits_come_as_bags_with_numbers_and_leave_again_while_none_is_sold() {
        KitTitle kit = title();
        BagShelf shelf = samples.bean(BagShelf.class);
        long id = read("Kit,On the shelf\n\"  " + kit.pattern() + " ,  " + kit.size() + "," + kit.colourway() + "\",3\n");
        assertThat(kept.findById(id).orElseThrow().sum()).isEqualTo("1 kit, 3 bags to be put on the shelf");
        assertThat(shelf.there(kit.id(), 9)).isEmpty();

        book(id);

        List<BagShelf.ShelfBag> bags = shelf.there(kit.id(), 9);
        assertThat(bags).hasSize(3).allMatch(BagShelf.ShelfBag::found);
        List<List<String>> saved = new ArrayList<>();
        lists.kind(ListKind.Name.KITS).save(saved::add);
        assertThat(saved).contains(List.of(kit.name(), String.valueOf(kit.id()), "3"));
        assertThat(samples.bean(BookAudit.class).differences()).isEmpty();

        Samples.done(shelf.sell(bags.get(1).id(), Samples.entry()));
        takeBack(id);
        assertThat(kept.findById(id).orElseThrow().told()).contains("Bag " + bags.get(1).code(), "none of them were taken back");
        Samples.done(shelf.takeBack(bags.get(1).id(), Samples.entry()));
        takeBack(id);
        assertThat(shelf.there(kit.id(), 9)).isEmpty();
        assertThat(samples.bean(BookAudit.class).differences()).isEmpty();
    }

    private KitTitle title() {
        long kit = samples.kit(samples.fabric());
        return samples.bean(KitIndex.class).titles(List.of(kit)).get(kit);
    }

    @Test
    void people_come_without_a_password_and_leave_again() {
        String name = Samples.unique("new");
        long id = read("user,name,jobs\n" + name + ",New One,\"cutter, Packer\"\n");

        book(id);

        StaffService staff = samples.bean(StaffService.class);
        assertThat(staff.loadUserByUsername(name).getAuthorities()).extracting(Object::toString).contains("CUTTING", "PACKING");
        assertThat(staff.loadUserByUsername(name).isEnabled()).isTrue();
        takeBack(id);
        assertThat(staff.loadUserByUsername(name).isEnabled()).isFalse();
    }

    /** Saved, and read into a table again, every fabric and every bolt is as it is in the shop. */
    @Test
    void what_is_saved_comes_back_in_equal() {
        Fabric fabric = samples.fabric(PrintKind.ONE_WAY_ACROSS);
        samples.bolt(fabric, "97 3/8 in");
        samples.bolt(fabric, "2.5 m");
        for (ListKind kind : List.of(lists.kind(ListKind.Name.FABRICS), lists.kind(ListKind.Name.BOLTS), lists.kind(ListKind.Name.GOODS))) {
            List<List<String>> saved = new ArrayList<>();
            kind.save(saved::add);
            assertThat(saved).as(kind.name().name()).isNotEmpty();
            List<Row> read = new ArrayList<>();
            for (int i = 0; i < saved.size(); i++) {
                List<String> cells = saved.get(i);
                read.add(new Row(i + 2, Stream.iterate(0, at -> at + 1).limit(cells.size())
                        .collect(Collectors.toMap(at -> kind.columns().get(at).key(), cells::get))));
            }
            Set<String> only = kind.check(read).faults().stream().map(fault -> fault.problem().code()).collect(Collectors.toSet());
            assertThat(only).as("all of it is there already, and no more is wrong").isSubsetOf("fabric.code-taken", "bolt.code-taken");
        }
        List<List<String>> bolts = new ArrayList<>();
        lists.kind(ListKind.Name.BOLTS).save(bolts::add);
        assertThat(bolts).filteredOn(line -> line.get(0).equals(fabric.code())).extracting(line -> Length.parse(line.get(4)))
                .containsExactlyInAnyOrder(Length.ofInches(779, 8), Length.ofMillimetres(2_500));
    }

    private Words words() {
        return samples.bean(Words.class);
    }

    private long read(String text) {
        long id = Samples.done(lists.read("list.csv", text.getBytes(StandardCharsets.UTF_8), owner));
        work.begin(id);
        work.await(id, LONG);
        assertThat(kept.findById(id).orElseThrow().state()).isEqualTo(OpeningListEntity.State.CHECKED);
        return id;
    }

    private void book(long id) {
        Samples.done(lists.book(id, owner));
        work.begin(id);
        work.await(id, LONG);
    }

    private void takeBack(long id) {
        Samples.done(lists.takeBack(id, owner));
        work.begin(id);
        work.await(id, LONG);
    }
}
