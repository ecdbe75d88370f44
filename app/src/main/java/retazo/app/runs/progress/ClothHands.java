package retazo.app.runs.progress;

import java.time.Clock;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

import retazo.app.runs.book.PlannedCut;
import retazo.app.shared.Moments;
import retazo.app.shared.Words;
import retazo.app.staff.StaffService;

/** On whose table cloth lies: that of who cut it, or of who fetched its bolt. */
@Service
@Transactional(readOnly = true)
public class ClothHands {

    private final ClothHandRepository hands;
    private final StaffService staff;
    private final Words words;
    private final Clock clock;

    ClothHands(ClothHandRepository hands, StaffService staff, Words words, Clock clock) {
        this.hands = hands;
        this.staff = staff;
        this.words = words;
        this.clock = clock;
    }

    /** Where cuts lie, in words, by their ids; and bolts that are off their places, by theirs. */
    public record Held(Map<Long, String> cuts, Map<Long, String> bolts) {

        /** Of a length that is cut where it lies, of one that is not where its bolt does; empty where nobody has it. */
        public Optional<String> where(PlannedCut cut) {
            return Optional.ofNullable(cut.isPlanned() ? bolts.get(cut.boltId()) : cuts.get(cut.id()));
        }
    }

    public Held of(Collection<PlannedCut> some) {
        List<Long> done = some.stream().filter(cut -> !cut.isPlanned()).map(PlannedCut::id).toList();
        List<Long> bolts = some.stream().filter(PlannedCut::isPlanned).map(PlannedCut::boltId).distinct().toList();
        List<ClothHandRepository.Hand> cut = done.isEmpty() ? List.of() : hands.cut(done);
        List<ClothHandRepository.Hand> fetched = bolts.isEmpty() ? List.of() : hands.fetched(bolts);
        Set<Long> people = Stream.concat(cut.stream(), fetched.stream()).map(ClothHandRepository.Hand::getPersonId)
                .collect(Collectors.toSet());
        Map<Long, String> names = people.isEmpty() ? Map.of() : staff.names(people);
        return new Held(said("hands.cut", cut, names), said("hands.fetched", fetched, names));
    }

    private Map<Long, String> said(String key, List<ClothHandRepository.Hand> found, Map<Long, String> names) {
        return found.stream().collect(Collectors.toMap(
                ClothHandRepository.Hand::getId,
                hand -> words.text(key, names.getOrDefault(hand.getPersonId(), ""), Moments.near(hand.getAt(), clock.instant())),
                (one, other) -> one));
    }
}
