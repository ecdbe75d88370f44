package retazo.app.kits;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.index.KitTitle;
import retazo.app.kits.sources.KitSingle;
import retazo.app.kits.sources.KitSources;
import retazo.app.kits.sources.KitTopUp;
import retazo.app.patterns.PatternVersion;
import retazo.app.pictures.Ink;
import retazo.app.pictures.PictureAnswers;
import retazo.app.shared.NotFoundException;
import retazo.app.stock.goods.BundlePrint;
import retazo.app.stock.goods.Good;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.kit.Contents;
import retazo.core.kit.Instructions;
import retazo.core.kit.KitGood;
import retazo.core.kit.PackPrints;
import retazo.core.prints.Print;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.Way;

/**
 * A kit as other features see it.
 *
 * @param fabrics of the roles that have one
 * @param goods   precuts of the roles that have one
 * @param prints  of its precuts, as far as they are known, by their ids
 * @param guided  what its maker cuts by
 * @param settings that it has of its own
 * @param sources   what it takes in place of the whole cloth of its colourway; those precuts are among its goods
 * @param leftOvers what becomes of its left-overs, and which of others it takes
 */
public record Kit(
        long id, PatternVersion pattern, QuiltSize size, String colourway, Map<RoleKey, Fabric> fabrics, Map<RoleKey, Good> goods,
        Map<Long, List<BundlePrint>> prints, Contents contents, Guided guided, KitSettings settings, KitSources sources,
        KitLeftOvers leftOvers) {

    /**
     * What its maker is guided by.
     *
     * @param instructions whose cutting instructions its lengths are enough for
     * @param decision     that they are not those of the pattern's paper, where somebody took it
     * @param copy         the copy of the pattern that goes into each bag, for a pattern of another designer
     * @param moved        whether it was sold by our page before the pattern's designer was named
     */
    public record Guided(Instructions instructions, Optional<Decision> decision, Optional<Good> copy, boolean moved) {
    }

    /** A kit that nobody made yet, as its pattern is sold, without settings of its own. */
    public static Kit wished(
            PatternVersion pattern, QuiltSize size, String colourway, Map<RoleKey, Fabric> fabrics, Map<RoleKey, Good> goods,
            Contents contents) {
        return new Kit(
                0, pattern, size, colourway, fabrics, goods, Map.of(), contents,
                new Guided(pattern.instructions(size.key().value()), Optional.empty(), Optional.empty(), false), KitSettings.NONE,
                KitSources.NONE, KitLeftOvers.NONE);
    }

    public Optional<Good> copy() {
        return guided.copy();
    }

    public Instructions instructions() {
        return guided.instructions();
    }

    public Optional<Decision> decision() {
        return guided.decision();
    }

    /** How a role without a fabric is drawn. */
    public static final Ink NOT_CHOSEN = new Ink("#e4e2d8", "", "#e4e2d8", true);

    /** What it is called everywhere: pattern, size, colourway. */
    public String name() {
        return KitTitle.name(pattern.name(), size.name(), colourway);
    }

    public String sizeName() {
        return size.name();
    }

    /** How a role is drawn in this kit: in its fabric. */
    public Ink ink(RoleKey role) {
        return goods.containsKey(role)
                ? ink(goods.get(role))
                : Optional.ofNullable(fabrics.get(role)).map(fabric -> keepsUpright(fabric) ? ink(fabric).keptUpright() : ink(fabric))
                        .orElse(NOT_CHOSEN);
    }

    /** Whether the print of one of its fabrics stays upright in it. */
    public boolean keepsUpright(Fabric fabric) {
        return !fabric.print().mayTurn() && !settings.directions().anyWay().contains(fabric.id());
    }

    /** Whether pieces of a role must not lie upside down on their cloth in it. */
    public boolean isOneWay(RoleKey role) {
        return Optional.ofNullable(fabrics.get(role)).filter(fabric -> fabric.print().isOneWay() && keepsUpright(fabric)).isPresent();
    }

    /** How a precut is drawn: in its colour. */
    public static Ink ink(Good good) {
        return new Ink(good.colour().toString(), "", good.colour().toString(), good.isLight());
    }

    /** One of its precuts with its prints, those that stand beside them, and which of them go together. */
    public KitGood inKit(Good good) {
        List<BundlePrint> known = prints.getOrDefault(good.id(), List.of());
        int dropped = known.stream().filter(print -> print.used().isEmpty()).mapToInt(BundlePrint::pieces).sum();
        Stream<Print> singles = singlesFor(good).stream()
                .map(single -> new Print(single.good().name(), single.value(), single.piecesFor(good)));
        Stream<Print> offBolts = topUpsFor(good).stream()
                .map(topUp -> new Print(topUp.fabric().name(), topUp.value(), topUp.count()));
        List<Print> beside = Stream.concat(singles, offBolts).filter(print -> print.sheets() > 0).toList();
        KitGood chosen = settings.directions().upright().contains(good.id()) ? good.inKit().keptUpright() : good.inKit();
        return chosen.with(new PackPrints(
                known.stream().flatMap(print -> print.used().stream()).toList(), dropped, beside,
                Optional.ofNullable(sources.printRules().get(good.id()))));
    }

    /** The prints that it takes by themselves beside one of its precuts. */
    public List<KitSingle> singlesFor(Good good) {
        return sources.singles().stream().filter(single -> good.equals(goods.get(single.role()))).toList();
    }

    /** The sheets that the shop cuts off bolts beside one of its precuts. */
    public List<KitTopUp> topUpsFor(Good good) {
        return sources.topUps().stream().filter(topUp -> good.equals(goods.get(topUp.role()))).toList();
    }

    /** Every fabric that is cut for it, once: those of its roles, then those that complete its packs. */
    public List<Fabric> cloths() {
        return Stream.concat(fabrics.values().stream(), sources.topUps().stream().map(KitTopUp::fabric)).distinct().toList();
    }

    /** The quarters or eighths that one of its fabrics is cut into in the shop. */
    public Optional<PrecutKind> quarters(Fabric fabric) {
        return Optional.ofNullable(sources.quarters().get(fabric.id()));
    }

    /** The precuts that it takes in place of a fabric of its colourway, by their roles. */
    public Map<RoleKey, Good> precutsFor(Fabric fabric) {
        Map<RoleKey, Good> precuts = new LinkedHashMap<>();
        sources.precuts().forEach((role, good) -> {
            if (fabric.equals(fabrics.get(role))) {
                precuts.put(role, good);
            }
        });
        return precuts;
    }

    /** The same kit sold by other instructions. */
    public Kit by(Instructions others) {
        return new Kit(id, pattern, size, colourway, fabrics, goods, prints, contents, new Guided(others, decision(), copy(), false),
                settings,
                sources,
                leftOvers);
    }

    /**
     * The same kit with another fabric in the place of one of its own, wherever it takes it; what becomes of left-overs of that is not
     * taken along.
     *
     * @param otherId of the kit that it becomes, or one that no kit has
     */
    public Kit with(Fabric own, Fabric other, long otherId, String otherColourway) {
        Map<RoleKey, Fabric> others = new LinkedHashMap<>(fabrics);
        others.replaceAll((role, fabric) -> fabric.equals(own) ? other : fabric);
        return new Kit(
                otherId, pattern, size, otherColourway, others, goods, prints, contents, guided,
                settings.with(settings.directions().without(own.id())), sources.with(own.id(), other.id()),
                new KitLeftOvers(List.of(), leftOvers.takenBut(own.id())));
    }

    /** The same kit with other parts of its quilt in it. */
    public Kit with(Contents others) {
        return new Kit(id, pattern, size, colourway, fabrics, goods, prints, others, guided, settings, sources, leftOvers);
    }

    /** The same kit at another size, which its pattern need not have. */
    public Kit with(QuiltSize other) {
        return new Kit(id, pattern, other, colourway, fabrics, goods, prints, contents, guided, settings, sources, leftOvers);
    }

    /** The same kit with other settings of its own. */
    public Kit with(KitSettings others) {
        return new Kit(id, pattern, size, colourway, fabrics, goods, prints, contents, guided, others, sources, leftOvers);
    }

    /** The same kit with other sources of its own. */
    public Kit with(KitSources others) {
        Map<RoleKey, Good> all = new LinkedHashMap<>(goods);
        all.keySet().removeAll(sources.precuts().keySet());
        all.putAll(others.precuts());
        return new Kit(id, pattern, size, colourway, fabrics, all, prints, contents, guided, settings, others, leftOvers);
    }

    /** The same kit with the whole cloth of one fabric. */
    public Kit layingWhole(Fabric fabric) {
        return with(sources.without(fabric.id(), precutsFor(fabric).keySet()));
    }

    /**
     * The same kit as a bag of it was confirmed, as far as one fabric goes.
     *
     * @param into   what the bag's length was to be cut into; empty for whole cloth
     * @param picked the ids of what else the bag takes
     */
    public Kit asConfirmed(Fabric fabric, Optional<PrecutKind> into, Set<Long> picked) {
        KitSources confirmed = layingWhole(fabric).sources();
        for (Map.Entry<RoleKey, Good> precut : precutsFor(fabric).entrySet()) {
            confirmed = picked.contains(precut.getValue().id()) ? confirmed.with(precut.getKey(), precut.getValue()) : confirmed;
        }
        return with(into.isPresent() ? confirmed.with(fabric.id(), into.get()) : confirmed);
    }

    /** Whether its maker follows the pattern's own paper. */
    public boolean followsPrinted() {
        return instructions() == Instructions.PRINTED;
    }

    /** Whether the shop cuts its pieces, so that it keeps what is left of the cloth. */
    public boolean isCutByTheShop() {
        return instructions().leaveRestsInTheShop();
    }

    /** Whether its pieces are known, and not only the lengths that its pattern prints. */
    public boolean knowsItsPieces() {
        return pattern.design().wayOf(size) != Way.SIZE_TABLE;
    }

    /** Whether its pattern is ours, so that no printed paper binds us. */
    public boolean isOurs() {
        return pattern.instructions(size.key().value()) != Instructions.PRINTED;
    }

    /**
     * Whether our own page goes into the bag, from which the top is made: with its cuts, or with its sewing only where the shop cuts the
     * pieces; another designer's measurements may not go out.
     */
    public boolean hasOurPage() {
        return instructions().haveOurPage() || isCutByTheShop() && isOurs() && knowsItsPieces();
    }

    /** Stands for all that its picture shows: the size of its version, and what each role is drawn in. */
    public String pictureMark() {
        return PictureAnswers.mark(
                "kit", pattern.id(), size.key(),
                goods.entrySet().stream().map(entry -> entry.getKey() + " " + entry.getValue().code() + entry.getValue().colour()).sorted()
                        .toList(),
                fabrics.entrySet().stream()
                        .map(entry -> entry.getKey() + " " + entry.getValue().drawnMark() + keepsUpright(entry.getValue()))
                        .sorted().toList());
    }

    /** How a fabric is drawn. */
    public static Ink ink(Fabric fabric) {
        return new Ink("url(#print-" + fabric.code() + ")", "", fabric.groundColour().toString(), fabric.isLight());
    }

    /** How a fabric is drawn as it lies on the table, its length to the right. */
    public static Ink laidInk(Fabric fabric) {
        return new Ink("url(#laid-" + fabric.code() + ")", "", fabric.groundColour().toString(), fabric.isLight());
    }

    /** One of its fabrics. */
    public Fabric fabric(String code) {
        return cloths().stream().filter(fabric -> fabric.code().equals(code)).findFirst()
                .orElseThrow(() -> new NotFoundException("fabric of the kit", code));
    }

    /** The names of its fabrics and of what else goes into it, by their codes. */
    public List<String> names(Collection<String> codes) {
        return Stream.concat(
                cloths().stream().filter(fabric -> codes.contains(fabric.code())).map(Fabric::name),
                goodsByCode().values().stream().filter(good -> codes.contains(good.code())).map(Good::name)).toList();
    }

    /** Everything counted that goes into a bag, by code. */
    public Map<String, Good> goodsByCode() {
        Map<String, Good> byCode = new LinkedHashMap<>();
        goods.values().forEach(good -> byCode.put(good.code(), good));
        copy().ifPresent(good -> byCode.put(good.code(), good));
        leftOvers.taken().forEach(good -> byCode.put(good.code(), good));
        sources.singles().forEach(single -> byCode.put(single.good().code(), single.good()));
        sources.notions().forEach(notion -> byCode.put(notion.good().code(), notion.good()));
        return byCode;
    }

    /** The letters of the roles that take one of its precuts. */
    public List<String> lettersOf(Good good) {
        return pattern.design().roles().stream().filter(role -> good.equals(goods.get(role.key()))).map(Role::letter).toList();
    }

    /** The fabrics once each, in the order of the letters of their first roles, with all letters they serve. */
    public Map<Fabric, List<String>> lettersByFabric() {
        Map<Fabric, List<String>> letters = new LinkedHashMap<>();
        for (Role role : pattern.design().roles()) {
            if (!fabrics.containsKey(role.key())) {
                continue;
            }
            letters.computeIfAbsent(fabrics.get(role.key()), fabric -> new java.util.ArrayList<>()).add(role.letter());
        }
        return letters;
    }

    /** The ids of its fabrics by their codes. */
    public Map<String, Long> fabricIdByCode() {
        Map<String, Long> ids = new LinkedHashMap<>();
        cloths().forEach(fabric -> ids.put(fabric.code(), fabric.id()));
        return ids;
    }
}
