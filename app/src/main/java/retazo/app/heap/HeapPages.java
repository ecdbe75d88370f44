package retazo.app.heap;

import static java.util.Objects.requireNonNull;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.possible.ClothNeeds;
import retazo.app.kits.possible.KitPrices;
import retazo.app.patterns.PatternSearch;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.app.pictures.QuiltPicture;
import retazo.app.practice.PracticeService;
import retazo.app.shared.FractionText;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.app.stock.Bolt;
import retazo.core.bolt.HeapKits;
import retazo.core.bolt.Tolerance;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;
import retazo.core.quilt.size.QuiltSize;

/** Puts the page of a heap together: what is in it, and what it would make. */
@Component
class HeapPages {

    private static final int SHOWN = 12;
    /** A page works that long on sizes that nobody asked for before; then it shows what it has and goes on. */
    private static final Duration PATIENCE = Duration.ofMillis(1_500);

    private final Heaps heaps;
    private final ClothNeeds needs;
    private final PatternService patterns;
    private final PracticeService practice;
    private final Words words;
    private final Clock clock;

    HeapPages(Heaps heaps, ClothNeeds needs, PatternService patterns, PracticeService practice, Words words, Clock clock) {
        this.heaps = heaps;
        this.needs = needs;
        this.patterns = patterns;
        this.practice = practice;
        this.words = words;
        this.clock = clock;
    }

    /** A fabric of the heap, with its free pieces. */
    record ClothView(Fabric fabric, List<LengthView> pieces, LengthView all) {
    }

    /** What a role takes, of which fabric. */
    record PartView(Role role, Fabric fabric, LengthView length) {
    }

    /**
     * Something that the heap makes.
     *
     * @param finished how large it is; empty where nobody knows
     * @param share    of the heap that all kits use, in hundredths
     */
    record MakeView(
            PatternVersion pattern, QuiltSize size, FractionText finished, long kits, LengthView used, int share, List<PartView> parts,
            QuiltPicture picture) {

        public String name() {
            return pattern.name() + ", " + size.name();
        }
    }

    /**
     * The page.
     *
     * @param looked how many sizes of patterns were looked at by now
     * @param sizes  how many there are; while they are more, the page goes on
     * @param fits   how many of those looked at the heap makes; the first of them are shown
     */
    record Page(HeapQuestion asked, Heaps.Heap heap, List<ClothView> cloths, List<MakeView> makes, int looked, int sizes, int fits) {

        public boolean goesOn() {
            return looked < sizes;
        }

        List<Fabric> prints() {
            return List.copyOf(heap.fabrics().keySet());
        }
    }

    /** A size that the heap makes, before its fabrics are tried. */
    private record Fit(PatternVersion pattern, QuiltSize size, ClothNeeds.SizeNeed need, HeapKits made) {

        Length used() {
            return made.used(need.cuts());
        }

        /** How large it is, for their order; what nobody knows comes last. */
        Length around() {
            return need.finished().map(top -> top.width().value().plus(top.height().value())).orElse(Length.ZERO);
        }
    }

    @Transactional(readOnly = true)
    Page page(HeapQuestion asked) {
        Heaps.Heap heap = heaps.of(asked);
        ShopPractice shop = practice.practice();
        List<HeapKits.Cloth> cloths = heap.cloths(Tolerance.of(shop));
        List<PatternVersion> all = heap.fabrics().isEmpty() ? List.of() : patterns.newest(PatternSearch.byName(""));
        Instant until = clock.instant().plus(PATIENCE);
        List<Fit> fits = new ArrayList<>();
        int sizes = 0;
        int looked = 0;
        for (PatternVersion pattern : all) {
            for (QuiltSize size : pattern.design().sizes()) {
                sizes++;
                ClothNeeds.Made made = new ClothNeeds.Made(pattern, size, HeapMaking.CONTENTS);
                if (needs.isKept(made, shop) || clock.instant().isBefore(until)) {
                    looked++;
                    needs.plain(made, shop).map(need -> new Fit(pattern, size, need, HeapKits.of(need.cuts(), cloths)))
                            .filter(fit -> fit.made().kits().value() > 0).ifPresent(fits::add);
                }
            }
        }
        Comparator<Fit> most = Comparator.comparing(Fit::used).reversed();
        Comparator<Fit> largest = Comparator.comparing(Fit::around).reversed();
        fits.sort(asked.largest() ? largest.thenComparing(most) : most.thenComparing(largest));
        List<MakeView> makes = new ArrayList<>();
        for (Fit fit : fits.subList(0, Math.min(SHOWN, fits.size()))) {
            real(fit, heap, cloths, shop, makes.size() + 1).ifPresent(makes::add);
        }
        LengthUnit unit = words.sellingUnit();
        return new Page(asked, heap, heap.fabrics().entrySet().stream().map(one -> view(one.getKey(), one.getValue(), unit)).toList(),
                makes,
                looked, sizes, fits.size());
    }

    private static ClothView view(Fabric fabric, List<Bolt> bolts, LengthUnit unit) {
        return new ClothView(
                fabric,
                bolts.stream().map(Bolt::free).sorted(Comparator.reverseOrder()).map(free -> LengthView.onHand(free, unit)).toList(),
                LengthView.onHand(Heaps.free(bolts), unit));
    }

    /** What it makes in its fabrics themselves: a print with a direction may take more, and a fabric has a width of its own. */
    private Optional<MakeView> real(Fit fit, Heaps.Heap heap, List<HeapKits.Cloth> cloths, ShopPractice shop, int number) {
        Map<RoleKey, Fabric> fabrics = new LinkedHashMap<>();
        List<ClothNeeds.RoleNeed> roles = fit.need().roles();
        for (int i = 0; i < roles.size(); i++) {
            fabrics.put(roles.get(i).role().key(), heap.fabric(fit.made().cloths().get(i)));
        }
        Map<String, HeapKits.Cloth> byCode = new HashMap<>();
        cloths.forEach(cloth -> byCode.put(cloth.code(), cloth));
        return needs.in(fabrics, new ClothNeeds.Made(fit.pattern(), fit.size(), HeapMaking.CONTENTS), shop).flatMap(need -> {
            HeapKits made = HeapKits.in(
                    need.cuts(),
                    need.roles().stream().map(role -> requireNonNull(fabrics.get(role.role().key())).code()).map(byCode::get)
                            .map(Objects::requireNonNull).toList());
            return made.kits().value() == 0 ? Optional.empty() : Optional.of(view(fit, need, made, fabrics, heap, cloths, number));
        });
    }

    private MakeView view(
            Fit fit, ClothNeeds.SizeNeed need, HeapKits made, Map<RoleKey, Fabric> fabrics, Heaps.Heap heap, List<HeapKits.Cloth> cloths,
            int number) {
        LengthUnit unit = words.sellingUnit();
        return new MakeView(
                fit.pattern(), fit.size(), KitPrices.sides(need.finished()), made.kits().value(),
                LengthView.of(made.used(need.cuts()), unit), made.share(need.cuts(), cloths),
                need.roles().stream().map(role -> new PartView(
                        role.role(), requireNonNull(fabrics.get(role.role().key())), LengthView.of(role.cut().length(), unit))).toList(),
                QuiltPicture.of(
                        "heap" + number, fit.pattern().design(), fit.size(),
                        role -> Optional.ofNullable(fabrics.get(role)).map(Kit::ink).orElse(Kit.NOT_CHOSEN)));
    }
}
