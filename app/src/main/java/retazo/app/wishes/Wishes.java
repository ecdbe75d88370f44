package retazo.app.wishes;

import java.time.Clock;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what customers asked for until they have it or do not want it any more. */
@Service
@Transactional(readOnly = true)
public class Wishes {

    private final WishRepository wishes;
    private final Clock clock;

    Wishes(WishRepository wishes, Clock clock) {
        this.wishes = wishes;
        this.clock = clock;
    }

    /**
     * Keeps what somebody asked for; sent twice it is kept once.
     *
     * @param clientId of the form
     * @param bags     above zero
     */
    @Transactional
    public void ask(UUID clientId, long kitId, int bags, String name, long personId) {
        wishes.ask(clientId, kitId, bags, name, personId, clock.instant());
    }

    /** Who waits for a kit waits for the one that stands in its place. */
    @Transactional
    public void follow(long oldKit, long freshKit) {
        wishes.follow(oldKit, freshKit);
    }

    /** Nobody waits for it any more; one that is ended already stays so. */
    @Transactional
    public void end(long id, long personId) {
        wishes.lockOpen(id).ifPresent(wish -> wish.end(personId, clock.instant()));
    }

    /** Those that somebody waits for, the oldest first. */
    public List<Wish> open(int most) {
        return wishes.findByEndedAtIsNullOrderByIdAsc(Limit.of(most)).stream().map(WishEntity::toWish).toList();
    }

    /** The kits that somebody waits for. */
    public Set<Long> kits() {
        return wishes.kits();
    }

    /** How many bags of each kit somebody waits for; kits without are absent. */
    public Map<Long, Integer> bags(Collection<Long> kitIds) {
        return kitIds.isEmpty()
                ? Map.of()
                : wishes.bags(kitIds).stream().collect(Collectors.toMap(WishRepository.OfKit::getKitId, WishRepository.OfKit::getBags));
    }
}
