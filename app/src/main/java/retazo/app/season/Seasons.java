package retazo.app.season;

import java.time.Clock;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.springframework.context.event.EventListener;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Slice;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.interceptor.TransactionAspectSupport;
import retazo.app.kits.KitLife;
import retazo.app.kits.index.KitFilter;
import retazo.app.kits.index.KitIndex;
import retazo.app.kits.index.KitTitle;
import retazo.app.runs.RunDrafts;
import retazo.app.runs.book.Run;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.app.stock.Entries;
import retazo.app.stock.Entry;
import retazo.core.measure.Problem;

/** The shop's seasons. */
@Service
public class Seasons {

    static final int MOST_KITS = 200;
    static final int MOST_OF_A_KIT = 200;

    private final SeasonRepository seasons;
    private final KitIndex index;
    private final RunDrafts drafts;
    private final Entries entries;
    private final Clock clock;

    Seasons(SeasonRepository seasons, KitIndex index, RunDrafts drafts, Entries entries, Clock clock) {
        this.seasons = seasons;
        this.index = index;
        this.entries = entries;
        this.drafts = drafts;
        this.clock = clock;
    }

    /**
     * As it is kept.
     *
     * @param version another one for each change
     * @param kits    by their ids
     */
    record Kept(long id, int version, String name, Map<Long, SeasonEntity.Planned> kits) {
    }

    @Transactional(readOnly = true)
    Kept kept(long id) {
        SeasonEntity season = seasons.findById(id).orElseThrow(() -> new NotFoundException("season", id));
        return new Kept(season.id(), season.version(), season.name(), season.kits());
    }

    @Transactional(readOnly = true)
    Slice<SeasonRepository.Line> lines(int page, int size) {
        return seasons.lines(PageRequest.of(page, size));
    }

    /** Begins one with the kits in which a range is used; without a range it has none yet. */
    @Transactional
    public Outcome<Long> begin(String name, String range, long person) {
        if (seasons.isNamed(name)) {
            return Outcome.refused(Problem.at("name", "season.named", name));
        }
        SeasonEntity season = new SeasonEntity(name, person, clock.instant());
        if (!range.isBlank()) {
            season.take(ofRange(range));
        }
        return Outcome.done(seasons.saveAndFlush(season).id());
    }

    /** Takes kits in that it has not; refused where it would have too many. */
    @Transactional
    public Outcome<Long> take(long id, Collection<Long> kits) {
        SeasonEntity season = toChange(id);
        season.take(kits);
        return season.kits().size() > MOST_KITS
                ? tooMany()
                : Outcome.done(id);
    }

    private static Outcome<Long> tooMany() {
        TransactionAspectSupport.currentTransactionStatus().setRollbackOnly();
        return Outcome.refused(Problem.at("kit", "season.too-many", MOST_KITS));
    }

    /** Takes in the kits in which a range is used. */
    @Transactional
    public Outcome<Long> takeRange(long id, String range) {
        return take(id, ofRange(range));
    }

    /** The kits that are planned in which a range is used. */
    private List<Long> ofRange(String range) {
        return index.filtered(new KitFilter("", "", range.strip(), false, false), 0, MOST_KITS).stream()
                .filter(kit -> !kit.ended()).map(KitTitle::id).toList();
    }

    @Transactional
    public void drop(long id, long kit) {
        toChange(id).drop(kit);
    }

    @Transactional
    public void remove(long id) {
        seasons.delete(toChange(id));
    }

    /** The ids of its kits, in order. */
    @Transactional(readOnly = true)
    public List<Long> kits(long id) {
        return List.copyOf(kept(id).kits().keySet());
    }

    /** Keeps how many of each kit are planned. */
    @Transactional
    public Outcome<Long> number(long id, Map<Long, Integer> numbers) {
        return keep(id, toChange(id).version(), numbers);
    }

    /** The same as a form asks for it; refused where somebody else changed the season since it was shown. */
    @Transactional
    public Outcome<Long> keep(long id, int seen, Map<Long, Integer> numbers) {
        SeasonEntity season = toChange(id);
        if (season.version() != seen) {
            return Outcome.refused(Problem.of("season.meanwhile"));
        }
        season.number(numbers);
        return Outcome.done(id);
    }

    /** Keeps them, and drafts a run of all that is planned; sent again, the form gets the run that it made. */
    @Transactional
    public Outcome<Long> toRun(long id, int seen, Map<Long, Integer> numbers, Entry entry) {
        String asked = "season " + id + " " + seen + " " + new TreeMap<>(numbers);
        return entries.once(entry, asked, within -> drafted(id, seen, numbers, within));
    }

    private Outcome<Long> drafted(long id, int seen, Map<Long, Integer> numbers, Entry entry) {
        return keep(id, seen, numbers).then(kept -> {
            SeasonEntity season = toChange(id);
            List<Run.Asked> asked = season.kits().entrySet().stream().filter(kit -> kit.getValue().number() > 0)
                    .map(kit -> new Run.Asked(kit.getKey(), kit.getValue().number())).collect(Collectors.toList());
            if (asked.isEmpty()) {
                return Outcome.refused(Problem.of("season.nothing-planned"));
            }
            return drafts.draft(asked, Run.Turn.USUAL, entry).then(run -> {
                season.inRun();
                return Outcome.done(run);
            });
        });
    }

    /** In the transaction in which a kit gets another in its place. */
    @EventListener
    void replaced(KitLife.Replaced kit) {
        seasons.replace(kit.old(), kit.fresh());
    }

    private SeasonEntity toChange(long id) {
        return seasons.toChange(id).orElseThrow(() -> new NotFoundException("season", id));
    }
}
