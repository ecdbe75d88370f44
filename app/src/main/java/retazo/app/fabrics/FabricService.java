package retazo.app.fabrics;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Slice;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.practice.PracticeService;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.app.shared.Parts;
import retazo.app.shared.PickText;
import retazo.app.shared.SearchWords;
import retazo.app.shared.Seen;
import retazo.core.cloth.ClothPrice;
import retazo.core.cloth.PracticeMeasure;
import retazo.core.cloth.Prices;
import retazo.core.cloth.ShopPractice;
import retazo.core.colour.FabricLook;
import retazo.core.kit.KitFabric;
import retazo.core.measure.Length;
import retazo.core.measure.Problem;

/** The fabrics of the shop. */
@Service
public class FabricService {

    private final FabricRepository fabrics;
    private final PracticeService practice;

    FabricService(FabricRepository fabrics, PracticeService practice) {
        this.fabrics = fabrics;
        this.practice = practice;
    }

    /** The first fabrics by name in whose code, name and colours as they are seen all of these words are. */
    @Transactional(readOnly = true)
    public List<Fabric> first(String words, int most) {
        return page(words, 0, most).getContent();
    }

    /** The fabrics that texts name, by the text: by its code, as it was picked, or by a name that only one has. */
    @Transactional(readOnly = true)
    public Map<String, Fabric> named(Collection<String> texts) {
        return PickText.named(
                texts, (codes, names) -> fabrics.named(codes, names).stream().map(FabricEntity::toFabric).toList(), Fabric::code,
                Fabric::name);
    }

    /** The fabric that a text names, likewise. */
    @Transactional(readOnly = true)
    public Optional<Fabric> named(String text) {
        return Optional.ofNullable(named(List.of(text)).get(text));
    }

    /** The fabrics of some ranges, whatever the case of their names; at most so many. */
    @Transactional(readOnly = true)
    public List<Fabric> ofRanges(Collection<String> ranges, int most) {
        return fabrics.ofRanges(ranges.stream().map(range -> range.toLowerCase(Locale.ROOT)).toList(), PageRequest.of(0, most)).stream()
                .map(FabricEntity::toFabric).toList();
    }

    /** One page of the fabrics that match, and whether there are more; pages count from 0. */
    @Transactional(readOnly = true)
    public Slice<Fabric> page(String words, int page, int size) {
        return fabrics.search(SearchWords.likes(words), PageRequest.of(page, size)).map(FabricEntity::toFabric);
    }

    @Transactional(readOnly = true)
    public Fabric fabric(long id) {
        return fabrics.findById(id).map(FabricEntity::toFabric).orElseThrow(() -> new NotFoundException("fabric", id));
    }

    @Transactional(readOnly = true)
    public Optional<Fabric> byCode(String code) {
        return fabrics.findByCode(code.strip().toUpperCase(Locale.ROOT)).map(FabricEntity::toFabric);
    }

    @Transactional(readOnly = true)
    public Map<Long, Fabric> byIds(Collection<Long> ids) {
        return fabrics.findAllById(ids).stream()
                .map(FabricEntity::toFabric)
                .collect(Collectors.toMap(Fabric::id, Function.identity()));
    }

    /** A fabric as a kit sees it: with its own usable width, or the shop's. */
    public KitFabric inKit(Fabric fabric, ShopPractice shop) {
        return fabric.usableWidth()
                .map(width -> KitFabric.measured(fabric.code(), width, fabric.print()))
                .orElseGet(() -> new KitFabric(fabric.code(), shop.figure(PracticeMeasure.USABLE_WIDTH), fabric.print()))
                .madeAs(fabric.kind());
    }

    /** The usable width of a new bolt of this fabric where nobody measured it. */
    @Transactional(readOnly = true)
    public Length usableWidth(Fabric fabric) {
        return fabric.usableWidth().orElseGet(() -> practice.practice().length(PracticeMeasure.USABLE_WIDTH));
    }

    @Transactional
    public Outcome<Fabric> add(NewFabric fabric) {
        return fabrics.findByCode(fabric.code()).isPresent()
                ? Outcome.refused(Problem.at("code", "fabric.code-taken", fabric.code()))
                : Outcome.done(fabrics.saveAndFlush(FabricEntity.of(fabric)).toFabric());
    }

    /** Those of these codes that a fabric has already. */
    @Transactional(readOnly = true)
    public Set<String> taken(Collection<String> codes) {
        Set<String> taken = new HashSet<>();
        Parts.of(List.copyOf(codes), part -> taken.addAll(fabrics.taken(part)));
        return taken;
    }

    /** Adds many, whose codes are free. */
    @Transactional
    public void addAll(List<NewFabric> many) {
        fabrics.saveAll(many.stream().map(FabricEntity::of).toList());
        fabrics.flush();
    }

    /** Removes fabrics, all or none: refused, naming one, where something uses it or none has its code any more. */
    @Transactional
    public Outcome<Long> removeUnused(Collection<String> codes) {
        Set<String> there = taken(codes);
        Optional<String> gone = codes.stream().filter(code -> !there.contains(code)).findFirst();
        if (gone.isPresent()) {
            return Outcome.refused(Problem.of("fabric.code-gone", gone.get()));
        }
        List<String> used = new ArrayList<>();
        Parts.of(List.copyOf(codes), part -> fabrics.firstUsed(part).ifPresent(used::add));
        if (!used.isEmpty()) {
            return Outcome.refused(Problem.of("fabric.used", used.get(0)));
        }
        Parts.of(List.copyOf(codes), fabrics::remove);
        return Outcome.done((long) codes.size());
    }

    /**
     * The same as a form asks for it; refused when somebody else changed it since the form was shown.
     *
     * @param typed as it came
     * @param seen  the mark of what it showed
     */
    @Transactional
    Outcome<Fabric> change(long id, NewFabric wanted, FabricForm typed, String seen) {
        FabricEntity fabric = fabrics.lock(id).orElseThrow(() -> new NotFoundException("fabric", id));
        List<Problem> meanwhile = Seen.meanwhile(seen, FabricForm.of(fabric.toFabric()).texts(), typed.texts());
        if (!meanwhile.isEmpty()) {
            return Outcome.refused(meanwhile);
        }
        return fabrics.findByCode(wanted.code()).filter(other -> !other.equals(fabric)).isPresent()
                ? Outcome.refused(Problem.at("code", "fabric.code-taken", wanted.code()))
                : Outcome.done(change(id, wanted));
    }

    /** Keeps what it costs the shop from now on; not where it is priced in another currency, or by another unit. */
    @Transactional
    public void costs(long id, ClothPrice cost) {
        FabricEntity fabric = fabrics.lock(id).orElseThrow(() -> new NotFoundException("fabric", id));
        Optional<ClothPrice> price = fabric.toFabric().prices().price();
        boolean alike = price.map(one -> one.unit() == cost.unit() && one.each().currency().equals(cost.each().currency())).orElse(true);
        if (alike) {
            fabric.price(new Prices<>(price, Optional.of(cost)));
            fabrics.flush();
        }
    }

    /** Draws it by a piece of a photograph, whose height is the repeat of its print, with the colours that were measured there. */
    @Transactional
    public void draw(long id, Tile tile, FabricLook look) {
        fabrics.lock(id).orElseThrow(() -> new NotFoundException("fabric", id)).draw(tile, look);
    }

    /** Draws it by its motif again; its colours and its repeat stay. */
    @Transactional
    public void drawByMotif(long id) {
        fabrics.lock(id).orElseThrow(() -> new NotFoundException("fabric", id)).drawByMotif();
    }

    /** Changes all of it. Kits in it are worked out anew; confirmed bags keep their lengths. */
    @Transactional
    public Fabric change(long id, NewFabric wanted) {
        FabricEntity fabric = fabrics.findById(id).orElseThrow(() -> new NotFoundException("fabric", id));
        fabric.change(wanted);
        return fabrics.saveAndFlush(fabric).toFabric();
    }
}
