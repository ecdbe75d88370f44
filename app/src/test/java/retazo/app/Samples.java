package retazo.app;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.fabrics.Motif;
import retazo.app.fabrics.NewFabric;
import retazo.app.kits.KitService;
import retazo.app.kits.NewKits;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.app.patterns.file.PatternAbout;
import retazo.app.patterns.file.PatternContent;
import retazo.app.runs.Confirming;
import retazo.app.runs.DraftPlan;
import retazo.app.runs.DraftPlans;
import retazo.app.runs.Replanning;
import retazo.app.runs.RunDrafts;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunBook;
import retazo.app.shared.Outcome;
import retazo.app.stock.Entry;
import retazo.app.stock.NewBolt;
import retazo.app.stock.StockService;
import retazo.core.block.Block;
import retazo.core.block.BlockKey;
import retazo.core.block.Cell;
import retazo.core.block.shape.Orientation;
import retazo.core.block.unit.Patch;
import retazo.core.cloth.ClothKind;
import retazo.core.cloth.Colour;
import retazo.core.cloth.Prices;
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
import retazo.core.quilt.piece.CutCount;
import retazo.core.quilt.piece.CutForm;
import retazo.core.quilt.piece.CutList;
import retazo.core.quilt.place.PlaceRule;
import retazo.core.quilt.setting.Use;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;
import retazo.core.quilt.size.Way;

/** Fabrics, bolts, kits and runs for tests, each with a name of its own. */
public record Samples(TestShop.Shop shop) {

    private static final AtomicInteger NEXT = new AtomicInteger(100);

    public <T> T bean(Class<T> type) {
        return shop.context().getBean(type);
    }

    public static String unique(String stem) {
        return stem + NEXT.incrementAndGet();
    }

    public static Entry entry() {
        return Entry.of(1, UUID.randomUUID());
    }

    /** Waits until every run that lost cloth is planned again. */
    public void plannedAgain() {
        bean(Replanning.class).workOff();
    }

    public static <T> T done(Outcome<T> outcome) {
        return outcome.match(result -> result, problems -> {
            throw new AssertionError("Refused: " + problems);
        });
    }

    public Fabric fabric() {
        return fabric(ClothKind.COTTON);
    }

    public Fabric fabric(ClothKind kind) {
        String code = unique("TEST");
        return done(bean(FabricService.class).add(
                new NewFabric(code, "Test " + code, "#22303f", "#e4dcc8", Motif.DOTS, kind, Optional.empty())));
    }

    /** A cotton whose print lies so. */
    public Fabric fabric(PrintKind print) {
        String code = unique("TEST");
        return done(bean(FabricService.class).add(new NewFabric(
                code, "Test " + code, Colour.parse("#22303f"), Colour.parse("#e4dcc8"), Motif.SAILS, ClothKind.COTTON, print,
                Optional.of(Length.ofInches(6)), Optional.empty(), new Prices<>(Optional.empty(), Optional.empty()))));
    }

    public long bolt(Fabric fabric, String length) {
        return done(bean(StockService.class).receive(
                new NewBolt(unique("B"), fabric.id(), "L1", "bay 9", Length.ofInches(40), Length.parse(length), true), entry()));
    }

    /**
     * A kit of one patch of 12 in, 3 × 3: nine patches of 12 1/2 in, three to a strip, so 3 × 12 1/2 + 1 = 38 1/2 in; with
     * 5 % 40.425 in, so nine eighths of a yard, 40 1/2 in. No binding, no backing.
     */
    public long kit(Fabric fabric) {
        RoleKey role = new RoleKey("all");
        Length side = Length.ofInches(12);
        BlockKey key = new BlockKey("mat");
        Block block = Block.of(List.of(side), List.of(side), List.of(Cell.at(0, 0, new Patch(role), Orientation.UPRIGHT)));
        QuiltDesign design = QuiltDesign.drawn(
                List.of(Role.of(role, "A", "all")), List.of(QuiltSize.Grid.of(new SizeKey("mat"), "Mat", 3, 3, List.of())),
                Drawing.of(
                        List.of(new BlockKind(key, "mat", block)),
                        Composition.straight(PlaceRule.uniform(key), Finishing.of(List.of(), Optional.of(role), Optional.of(role)))));
        PatternVersion pattern = done(bean(PatternService.class).add(PatternContent.own(unique("Plain mat "), design), 1));
        Map<RoleKey, Fabric> choices = new HashMap<>();
        choices.put(role, fabric);
        return done(bean(KitService.class).add(
                new NewKits(pattern, List.of("mat"), "plain", choices, Map.of(), new Contents(false, false)))).get(0);
    }

    /**
     * Kits of one pattern sewn of two fabrics, at the sizes Coaster, 1 × 1, and Mat, 3 × 3: each block is 12 in square, its left half light
     * and its right half dark.
     */
    public List<Long> kitsOfTwo(Fabric light, Fabric dark) {
        RoleKey left = new RoleKey("light");
        RoleKey right = new RoleKey("dark");
        Length tall = Length.ofInches(12);
        Length half = Length.ofInches(6);
        BlockKey key = new BlockKey("two");
        Block block = Block.of(
                List.of(half, half), List.of(tall), List.of(
                        Cell.at(0, 0, new Patch(left), Orientation.UPRIGHT), Cell.at(1, 0, new Patch(right), Orientation.UPRIGHT)));
        QuiltDesign design = QuiltDesign.drawn(
                List.of(Role.of(left, "A", "light"), Role.of(right, "B", "dark")),
                List.of(
                        QuiltSize.Grid.of(new SizeKey("coaster"), "Coaster", 1, 1, List.of()),
                        QuiltSize.Grid.of(new SizeKey("mat"), "Mat", 3, 3, List.of())),
                Drawing.of(
                        List.of(new BlockKind(key, "two", block)),
                        Composition.straight(PlaceRule.uniform(key), Finishing.of(List.of(), Optional.of(left), Optional.of(left)))));
        PatternVersion pattern = done(bean(PatternService.class).add(
                PatternContent.own(unique("Two halves "), design), 1));
        return done(bean(KitService.class).add(new NewKits(
                pattern, List.of("coaster", "mat"), "two", Map.of(left, light, right, dark), Map.of(), new Contents(false, false))));
    }

    /** A pattern known by its cut list alone: so many pieces of one size, all of role A, at the size "lap". */
    public PatternVersion cutListPattern(PatternAbout about, String form, int count) {
        return cutListPattern(about, form, count, List.of(new RoleKey("reed")));
    }

    /** The same with so many pieces of each of some roles. */
    public PatternVersion cutListPattern(PatternAbout about, String form, int count, List<RoleKey> roles) {
        CutList list = new CutList(
                List.of(),
                roles.stream().map(role -> new CutList.Line(
                        role, Use.BLOCKS, CutForm.read(form).orElseThrow(), new CutCount.PerQuilt(count), Optional.empty(), "")).toList(),
                Optional.empty(), Optional.empty());
        QuiltDesign design = new QuiltDesign(
                IntStream.range(0, roles.size())
                        .mapToObj(at -> Role.of(roles.get(at), String.valueOf((char) ('A' + at)), roles.get(at).value())).toList(),
                List.of(new QuiltSize.Printed(new SizeKey("lap"), "Lap", Optional.empty())),
                Optional.empty(),
                Optional.of(list), Optional.empty(), Way.CUT_LIST, Map.of());
        return done(bean(PatternService.class).add(new PatternContent(unique("Long reeds "), about, design), 1));
    }

    /** A kit of such a pattern, without binding and backing. */
    public long cutListKit(PatternVersion pattern, Fabric fabric) {
        return done(bean(KitService.class).add(new NewKits(
                pattern, List.of("lap"), "plain", Map.of(new RoleKey("reed"), fabric), Map.of(), new Contents(false, false)))).get(0);
    }

    /** A confirmed run of so many bags. */
    public long run(long kit, int bags) {
        long run = bean(RunDrafts.class).draft(List.of(new Run.Asked(kit, bags)), 1);
        done(bean(RunDrafts.class).confirmWhole(run));
        return run;
    }

    /** A confirmed run of which as many bags as stock gives are made, and the others are open. */
    public long openRun(long kit, int bags) {
        long run = bean(RunDrafts.class).draft(List.of(new Run.Asked(kit, bags)), 1);
        DraftPlan plan = bean(DraftPlans.class).plan(bean(RunBook.class).run(run));
        done(bean(Confirming.class).confirm(run, DraftPlan.Answer.IN_ORDER, plan.inOrder().built()));
        return run;
    }
}
