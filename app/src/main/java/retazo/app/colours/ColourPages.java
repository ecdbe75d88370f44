package retazo.app.colours;

import static java.util.Objects.requireNonNull;

import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.index.KitIndex;
import retazo.app.kits.index.KitTitle;
import retazo.app.pictures.QuiltPicture;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.block.shape.Point;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.RoleWish;
import retazo.core.colouring.Judgement;
import retazo.core.colouring.Neighbours;
import retazo.core.colouring.Proposals;
import retazo.core.measure.LengthUnit;

/** Puts the page together on which colours are tried. */
@Component
class ColourPages {

    /** So many places of one kind are ringed on the quilt; all are counted. */
    private static final int RINGS = 12;
    private static final int PROPOSED = 12;

    private final Trial trial;
    private final KitBook kits;
    private final KitIndex index;
    private final TrayPages trays;
    private final Words words;

    ColourPages(Trial trial, KitBook kits, KitIndex index, TrayPages trays, Words words) {
        this.index = index;
        this.trial = trial;
        this.kits = kits;
        this.trays = trays;
        this.words = words;
    }

    /** A wish of a role, and whether it is kept: {@code yes}, {@code no}, {@code unknown}. */
    record WishView(String text, String answer) {
    }

    /**
     * A role on the page.
     *
     * @param length what it takes in one kit; empty where it takes nothing in this size
     * @param kits   for how many its fabric is enough; empty without a fabric, or where it takes nothing
     * @param fades  into what it fades, in words; empty where it stands out everywhere
     */
    record RoleLine(
            Role role, Optional<Fabric> fabric, int value, Optional<LengthView> length, Optional<Long> kits,
            List<WishView> wishes, List<String> fades) {
    }

    /** A ring on the quilt, in inches. */
    record Ring(String x, String y) {
    }

    /** What is said of a colouring, and where on the quilt. */
    record Judged(List<RoleLine> roles, List<Ring> rings, String sum) {
    }

    /**
     * The whole page.
     *
     * @param binding  the key of the role of its edge, or empty
     * @param contrast by how much values must differ not to fade
     */
    record Page(Trial.Found found, Judged judged, QuiltPicture picture, String binding, int contrast) {

        public List<RoleKey> roles() {
            return found.pattern().design().roles().stream().map(Role::key).toList();
        }
    }

    /** A colouring that is proposed: the ids of its fabrics by the keys of their roles, and what speaks for it. */
    record Idea(Map<String, Fabric> fabrics, String said) {
    }

    /** What is proposed, out of how many fabrics, and in words how it was found. */
    record Ideas(List<Idea> ideas, String how, List<Fabric> prints) {
    }

    /** What a kit has, to begin from. */
    @Transactional(readOnly = true)
    Tried from(long kitId) {
        Kit kit = kits.kit(kitId);
        Map<String, Long> fabrics = new LinkedHashMap<>();
        kit.fabrics().forEach((role, fabric) -> fabrics.put(role.value(), fabric.id()));
        return new Tried(kit.pattern().patternId(), kit.size().key().value(), fabrics, kit.contents().backing());
    }

    /** Kits whose fabrics can be changed: one of them, what their colours are called, and the keys of their sizes. */
    record Changing(long kit, String colourway, List<String> sizeKeys) {

        public int sizes() {
            return sizeKeys.size();
        }
    }

    /** The kits in the colours of one that are planned, by size. */
    @Transactional(readOnly = true)
    List<Kit> planned(long kitId) {
        return kits.inOrder(index.ofColourway(kitId).stream().filter(title -> !title.ended()).map(KitTitle::id).toList());
    }

    /** Those that a kit is of; empty where its line has ended. */
    @Transactional(readOnly = true)
    Optional<Changing> changing(long kitId) {
        List<Kit> planned = planned(kitId);
        return planned.stream().filter(kit -> kit.id() == kitId).findFirst().map(kit -> new Changing(
                kitId, kit.colourway(), planned.stream().map(one -> one.size().key().value()).toList()));
    }

    @Transactional(readOnly = true)
    Page page(Tried tried) {
        Trial.Found found = trial.found(tried);
        return new Page(
                found, judged(found),
                QuiltPicture.of("tried", found.pattern().design(), found.size(), role -> Optional.ofNullable(found.fabrics().get(role))
                        .map(Kit::ink).orElse(Kit.NOT_CHOSEN).keptUpright()),
                found.size().match(
                        grid -> found.pattern().design().drawing().flatMap(drawing -> drawing.quilt().finishing().binding()),
                        printed -> Optional.<RoleKey>empty()).map(RoleKey::value).orElse(""),
                trial.contrast());
    }

    @Transactional(readOnly = true)
    Judged judged(Tried tried) {
        return judged(trial.found(tried));
    }

    private Judged judged(Trial.Found found) {
        LengthUnit unit = words.sellingUnit();
        Judgement judgement = found.judgement();
        List<RoleLine> lines = found.pattern().design().roles().stream().map(role -> new RoleLine(
                role, Optional.ofNullable(found.fabrics().get(role.key())),
                Optional.ofNullable(found.fabrics().get(role.key())).map(fabric -> fabric.look().value()).orElse(0),
                Optional.ofNullable(found.needs().get(role.key())).map(cut -> LengthView.of(cut.length(), unit)),
                Optional.ofNullable(found.kits().get(role.key())), wishes(role.key(), found), fades(role.key(), found))).toList();
        List<Ring> rings = Stream.concat(judgement.fading().stream().map(Judgement.Faint::pair), judgement.alike().stream())
                .distinct().flatMap(pair -> pair.places().stream().limit(RINGS)).distinct().map(ColourPages::ring).toList();
        return new Judged(lines, rings, sum(found));
    }

    private static Ring ring(Point place) {
        return new Ring(QuiltPicture.inches(place.x()), QuiltPicture.inches(place.y()));
    }

    private String sum(Trial.Found found) {
        Judgement judgement = found.judgement();
        long without = found.needs().keySet().stream().filter(role -> !found.fabrics().containsKey(role)).count();
        if (without > 0) {
            return words.text("colours.sum-open", without);
        }
        long kits = found.allKits().orElse(0L);
        return found.drawn()
                ? words.text(
                        "colours.sum", kits, judgement.fading().size(), judgement.alike().size(), judgement.broken(),
                        judgement.keepsAll() ? 1 : 0)
                : words.text("colours.sum-undrawn", kits);
    }

    private List<WishView> wishes(RoleKey role, Trial.Found found) {
        return found.judgement().wishes().stream().filter(kept -> kept.role().equals(role))
                .map(kept -> new WishView(wish(kept.wish(), found), kept.answer().name().toLowerCase(Locale.ROOT))).toList();
    }

    private String wish(RoleWish wish, Trial.Found found) {
        return words.text(
                "wish." + wish.kind(), wish.other().map(other -> found.pattern().design().role(other).letter()).orElse(""));
    }

    private List<String> fades(RoleKey role, Trial.Found found) {
        Judgement judgement = found.judgement();
        Stream<String> faint = judgement.fading().stream().filter(one -> one.pair().has(role)).map(one -> words.text(
                "colours.fades", letter(one.pair(), role, found), one.pair().one().equals(role) ? one.one() : one.other(),
                one.pair().one().equals(role) ? one.other() : one.one(), one.pair().places().size()));
        Stream<String> alike = judgement.alike().stream()
                .filter(pair -> pair.has(role) && judgement.fading().stream().noneMatch(one -> one.pair().equals(pair)))
                .map(pair -> words.text("colours.alike", letter(pair, role, found), pair.places().size()));
        return Stream.concat(faint, alike).toList();
    }

    private static String letter(Neighbours.Pair pair, RoleKey role, Trial.Found found) {
        return found.pattern().design().role(pair.beside(role)).letter();
    }

    /**
     * What else could be tried.
     *
     * @param search words that name fabrics, or nothing for those of which most is there
     * @param these  whether only out of those that are tried now
     * @param open   the key of the role that another fabric is looked for, where all others keep theirs; empty for all roles
     */
    @Transactional(readOnly = true)
    Ideas ideas(Tried tried, String search, boolean these, String open) {
        Trial.Found found = trial.found(tried);
        List<Fabric> tray = these ? found.fabrics().values().stream().distinct().toList() : trays.fabrics(search, TrayPages.SHOWN);
        Trial.Proposed proposed = open.isEmpty()
                ? trial.proposed(found, tray, PROPOSED)
                : trial.proposedFor(new RoleKey(open), found, tray, PROPOSED);
        List<Fabric> some = Stream.concat(tray.stream(), found.fabrics().values().stream()).distinct().toList();
        Map<String, Fabric> byCode = some.stream().collect(Collectors.toMap(Fabric::code, fabric -> fabric));
        return new Ideas(
                proposed.best().stream().map(one -> idea(one, byCode)).toList(),
                proposed.best().isEmpty()
                        ? words.text("colours.ideas-none", proposed.of())
                        : words.text(proposed.exact() ? "colours.ideas-exact" : "colours.ideas-tried", proposed.best().size(),
                                proposed.of()),
                some);
    }

    /** What is tried in another range, by place from light to dark; judged as it would be when it is tried. */
    @Transactional(readOnly = true)
    Ideas inRange(Tried tried, String range) {
        Trial.Found found = trial.found(tried);
        Map<RoleKey, Fabric> changed = trial.inRange(range, found);
        if (changed.isEmpty()) {
            return new Ideas(List.of(), words.text("colours.range-empty", range), List.of());
        }
        Map<String, Fabric> fabrics = new LinkedHashMap<>();
        changed.forEach((role, fabric) -> fabrics.put(role.value(), fabric));
        Map<String, Long> ids = new LinkedHashMap<>();
        fabrics.forEach((role, fabric) -> ids.put(role, fabric.id()));
        Trial.Found judged = trial.found(new Tried(tried.pattern(), tried.size(), ids, tried.backing()));
        Judgement judgement = judged.judgement();
        return new Ideas(
                List.of(new Idea(fabrics, words.text(
                        "colours.idea", judged.allKits().orElse(0L), judgement.fading().size(), judgement.broken(), judgement.kept()))),
                words.text("colours.in-range", range), List.copyOf(new LinkedHashSet<>(fabrics.values())));
    }

    private Idea idea(Proposals.Proposal proposal, Map<String, Fabric> byCode) {
        Map<String, Fabric> fabrics = new LinkedHashMap<>();
        proposal.codes().forEach((role, code) -> fabrics.put(role.value(), requireNonNull(byCode.get(code))));
        Judgement judgement = proposal.judgement();
        return new Idea(fabrics, words.text(
                "colours.idea", proposal.kits(), judgement.fading().size(), judgement.broken(), judgement.kept()));
    }
}
