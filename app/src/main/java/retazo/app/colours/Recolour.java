package retazo.app.colours;

import java.time.Clock;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.interceptor.TransactionAspectSupport;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.kits.KitLife;
import retazo.app.kits.KitService;
import retazo.app.kits.NewKits;
import retazo.app.kits.sources.KitSources;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;
import retazo.app.stock.goods.Good;
import retazo.app.wishes.Wishes;
import retazo.core.cloth.RoleKey;
import retazo.core.kit.Contents;
import retazo.core.measure.Problem;

/**
 * Changes the fabrics of kits, and moves them to the newest version of their pattern: new kits of the same name stand in their places.
 * Those before are planned no more; bags, runs and drafts keep them, so that what a bag holds and what its papers show stay one. Who
 * waits for one of them waits for the new one.
 */
@Service
class Recolour {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);

    private final KitBook book;
    private final KitLife life;
    private final KitService kits;
    private final PatternService patterns;
    private final Wishes wishes;
    private final Words words;
    private final Clock clock;

    Recolour(KitBook book, KitLife life, KitService kits, PatternService patterns, Wishes wishes, Words words, Clock clock) {
        this.book = book;
        this.life = life;
        this.kits = kits;
        this.patterns = patterns;
        this.wishes = wishes;
        this.words = words;
        this.clock = clock;
    }

    /**
     * What became of it.
     *
     * @param kit   the new one in the place of the one that was asked about
     * @param count how many have new ones in their places
     */
    record Changed(long kit, int count) {
    }

    /** The kit that stands in the place of one already, as when a form is sent twice. */
    Optional<Long> already(long kitId) {
        return life.replacedBy(kitId);
    }

    /**
     * Changes all sizes of a kit's colourway that are planned.
     *
     * @param seen    what its colours were called when that was asked
     * @param fabrics for the roles that have one; precuts stay for all others
     * @return refused, and nothing is changed, where a kit could not be made so, or a size is in the pattern no more
     */
    @Transactional
    Outcome<Changed> change(long kitId, String seen, Map<RoleKey, Fabric> fabrics, boolean backing, long personId) {
        Kit kit = book.kit(kitId);
        PatternVersion pattern = patterns.newestOf(kit.pattern().patternId());
        String until = words.text("colours.until", DAY.format(clock.instant().atZone(ZoneId.systemDefault())));
        Outcome<Changed> outcome = life.giveWay(kitId, seen, until, personId).then(given -> {
            List<String> gone = given.kits().keySet().stream()
                    .filter(key -> pattern.design().sizes().stream().noneMatch(size -> size.key().value().equals(key))).toList();
            if (!gone.isEmpty()) {
                return Outcome.refused(Problem.at("colourway", "colours.size-gone", gone.get(0)));
            }
            return kits.add(new NewKits(
                    pattern, List.copyOf(given.kits().keySet()), given.name(), fabrics, goodsIn(kit, fabrics),
                    new Contents(kit.contents().binding(), backing)))
                    .then(fresh -> replaced(kitId, List.copyOf(given.kits().values()), fresh, personId));
        });
        return outcome.match(done -> outcome, problems -> {
            TransactionAspectSupport.currentTransactionStatus().setRollbackOnly();
            return outcome;
        });
    }

    private Outcome<Changed> replaced(long asked, List<Long> old, List<Long> fresh, long personId) {
        Outcome<Changed> outcome = Outcome.done(new Changed(fresh.get(Math.max(0, old.indexOf(asked))), fresh.size()));
        for (int i = 0; i < old.size(); i++) {
            long before = old.get(i);
            long after = fresh.get(i);
            life.replace(before, after);
            wishes.follow(before, after);
            outcome = outcome.then(changed -> carriedOver(before, after, personId).then(done -> Outcome.done(changed)));
        }
        return outcome;
    }

    /** What a kit was given beside its fabrics stays with it: what it takes in their place and beside them, settings, instructions. */
    private Outcome<Kit> carriedOver(long old, long fresh, long personId) {
        Kit before = book.kit(old);
        Kit after = book.kit(fresh);
        KitSources sources = sourcesIn(before, after.fabrics());
        return kits.take(fresh, sources)
                .then(taken -> kits.set(fresh, before.settings(), after.settings().mark()))
                .then(set -> before.decision()
                        .map(decision -> kits.sellBy(fresh, before.instructions(), decision.reason(), personId))
                        .orElseGet(() -> Outcome.done(book.kit(fresh))));
    }

    /** What a kit takes in place of its fabrics and beside them, with the fabrics that it has then. */
    private static KitSources sourcesIn(Kit before, Map<RoleKey, Fabric> then) {
        KitSources sources = before.sources();
        for (Map.Entry<RoleKey, Fabric> role : before.fabrics().entrySet()) {
            Fabric own = role.getValue();
            Fabric other = then.get(role.getKey());
            if (other != null && !then.containsValue(own)) {
                sources = sources.with(own.id(), other.id());
            }
        }
        return sources;
    }

    private static Map<RoleKey, Good> goodsIn(Kit before, Map<RoleKey, Fabric> then) {
        Map<RoleKey, Good> goods = new HashMap<>(before.goods());
        goods.keySet().removeAll(then.keySet());
        return goods;
    }

    /** How a kit would be when it was changed; empty where its pattern has the size no more. Nothing is kept. */
    @Transactional(readOnly = true)
    Optional<Kit> changed(Kit before, Map<RoleKey, Fabric> fabrics, boolean backing) {
        PatternVersion pattern = patterns.newestOf(before.pattern().patternId());
        return pattern.design().sizes().stream().filter(size -> size.key().equals(before.size().key())).findFirst()
                .map(size -> Kit.wished(
                        pattern, size, before.colourway(), fabrics, goodsIn(before, fabrics),
                        new Contents(before.contents().binding(), backing))
                        .with(before.settings()).with(sourcesIn(before, fabrics)));
    }
}
