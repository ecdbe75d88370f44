package retazo.core.quilt.design;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import retazo.core.block.Block;
import retazo.core.block.BlockKey;
import retazo.core.block.shape.FinishedSize;
import retazo.core.block.spec.Scale;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.ExactLength;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;
import retazo.core.quilt.finish.BorderDesign;
import retazo.core.quilt.finish.Finishing;
import retazo.core.quilt.place.Arrangement;
import retazo.core.quilt.place.MapRule;
import retazo.core.quilt.place.PlaceRule;
import retazo.core.quilt.setting.Edges;
import retazo.core.quilt.setting.Setting;
import retazo.core.quilt.size.QuiltSize;

/**
 * A pattern that is drawn: its blocks, where they stand, what lies around them, and what is made beside the quilt.
 *
 * @param blocks all kinds, those that only stand inside others too
 * @param items  made from the same fabrics beside each quilt
 */
public record Drawing(List<BlockKind> blocks, Composition quilt, List<Item> items) {

    public static final int MOST_BLOCKS = 12;
    public static final int MOST_ITEMS = 4;

    public Drawing {
        blocks = List.copyOf(blocks);
        items = List.copyOf(items);
    }

    /** A quilt and nothing beside it. */
    public static Drawing of(List<BlockKind> blocks, Composition quilt) {
        return new Drawing(blocks, quilt, List.of());
    }

    public PlaceRule places() {
        return quilt.places();
    }

    public Setting setting() {
        return quilt.setting();
    }

    public Finishing finishing() {
        return quilt.finishing();
    }

    public List<BorderDesign> borders() {
        return finishing().borders();
    }

    public Optional<RoleKey> binding() {
        return finishing().binding();
    }

    public Optional<RoleKey> backing() {
        return finishing().backing();
    }

    /** The same drawing with another composition of the quilt. */
    public Drawing with(Composition other) {
        return new Drawing(blocks, other, items);
    }

    /**
     * @throws IllegalArgumentException if there is no such block
     */
    public Block block(BlockKey key) {
        return kind(key).block();
    }

    /**
     * @throws IllegalArgumentException if there is no such block
     */
    public BlockKind kind(BlockKey key) {
        return blocks.stream()
                .filter(kind -> kind.key().equals(key))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("The design has no block '" + key + "'."));
    }

    /** The kinds that stand in the quilt, in the order of the place rule. */
    public List<BlockKind> placed() {
        return places().kinds().stream().map(this::kind).toList();
    }

    /** One of the blocks that stand in the quilt, whose size they all have. */
    public Block first() {
        return first(quilt);
    }

    public Block first(Composition composition) {
        return block(composition.places().kinds().get(0));
    }

    public List<Composition> compositions() {
        return Stream.concat(Stream.of(quilt), items.stream().map(Item::composition)).toList();
    }

    /** Every role in it. */
    public Set<RoleKey> roles() {
        Set<RoleKey> roles = new LinkedHashSet<>();
        blocks.forEach(kind -> roles.addAll(kind.block().roles()));
        compositions().forEach(composition -> roles.addAll(composition.roles()));
        return roles;
    }

    /** What stands in each place of a size, with its changes by hand. */
    public Arrangement arrangement(QuiltSize.Grid size) {
        return Arrangement.of(places(), setting().grid(size.columns(), size.rows()), size.overrides().changes());
    }

    /** The places of a size written out as a map of their own. */
    public MapRule map(QuiltSize.Grid size) {
        return MapRule.of(arrangement(size), places().kinds().get(0));
    }

    /** The drawing as a size has it: its blocks at its block size, its sashes at their width; empty where blocks cannot be scaled so. */
    public Optional<Drawing> at(QuiltSize.Grid size) {
        Setting sashed = size.overrides().sash().map(width -> setting().withSashes(width)).orElse(setting());
        Drawing same = with(new Composition(places(), sashed, finishing()));
        return size.overrides().blockWidth().map(width -> same.scaledTo(width)).orElse(Optional.of(same));
    }

    /** How large a size finishes with its borders, as it is quoted: a side with a root in it is rounded up to the cutting step. */
    public FinishedSize finishedAt(QuiltSize.Grid size, ShopPractice practice) {
        Drawing sized = at(size).orElse(this);
        Length around = size.borderWidths().stream().reduce(Length.ZERO, Length::plus).times(2);
        return new FinishedSize(
                side(sized.setting(), sized.first().finishedWidth(), size.columns(), practice).plus(around),
                side(sized.setting(), sized.first().finishedHeight(), size.rows(), practice).plus(around));
    }

    /** The finished side of so many blocks, without borders. */
    static Length side(Setting setting, Length block, int count, ShopPractice practice) {
        ExactLength full = setting.extent(block, count);
        boolean loses = setting.cutUp().filter(cut -> cut == Edges.CutBlocks.Cut.THROUGH_CENTRE).isPresent();
        Length seams = practice.length(PracticeMeasure.SEAM_ALLOWANCE).times(2);
        return (loses ? full.minus(ExactLength.of(seams)) : full).toCut(practice.length(PracticeMeasure.CUTTING_STEP));
    }

    /** What keeps a size from being made of this drawing, each at its field of the size. */
    public List<Problem> problemsAt(QuiltSize.Grid size) {
        return new DrawingCheck(this, List.of()).gridProblems("", size);
    }

    private Optional<Drawing> scaledTo(Length blockWidth) {
        Scale scale = new Scale(blockWidth, first().finishedWidth());
        List<BlockKind> scaled = new ArrayList<>();
        for (BlockKind kind : blocks) {
            kind.block().scaled(scale).ifPresent(block -> scaled.add(new BlockKind(kind.key(), kind.name(), block)));
        }
        return scaled.size() == blocks.size() ? Optional.of(new Drawing(scaled, quilt, items)) : Optional.empty();
    }
}
