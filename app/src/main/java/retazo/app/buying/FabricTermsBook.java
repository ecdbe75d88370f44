package retazo.app.buying;

import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Slice;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Parts;

/** Keeps what the buyer knows of fabrics. */
@Service
@Transactional(readOnly = true)
public class FabricTermsBook {

    private static final int MOST_RANGES = 500;

    private final FabricTermsRepository terms;

    FabricTermsBook(FabricTermsRepository terms) {
        this.terms = terms;
    }

    /** Of each of these fabrics. */
    public Map<Long, FabricTerms> of(Collection<Long> fabricIds) {
        Map<Long, FabricTerms> found = new HashMap<>();
        fabricIds.forEach(id -> found.put(id, FabricTerms.none(id)));
        Parts.of(List.copyOf(fabricIds), part -> terms.findAllById(part).stream().map(FabricTermsEntity::toTerms)
                .forEach(one -> found.put(one.fabricId(), one)));
        return found;
    }

    /** The fabrics of which somebody said at which length they are ordered. */
    List<Long> withPoint() {
        return terms.withPoint();
    }

    @Transactional
    public void keep(FabricTerms wanted) {
        terms.begin(wanted.fabricId());
        terms.lock(wanted.fabricId()).orElseThrow(() -> new NotFoundException("fabric", wanted.fabricId())).become(wanted);
        terms.flush();
    }

    /**
     * The fabrics of a range can be ordered until a day.
     *
     * @return how many they are
     */
    @Transactional
    public int leaveRange(String range, LocalDate day) {
        return terms.leaveRange(range.strip(), day);
    }

    /** One page of the fabrics that will not be had any more, first what goes first; pages count from 0. */
    public Slice<FabricTerms> leaving(int page, int size) {
        return terms.leaving(PageRequest.of(page, size)).map(FabricTermsEntity::toTerms);
    }

    /** The ranges of the shop, by name. */
    public List<String> ranges() {
        return terms.ranges(Limit.of(MOST_RANGES));
    }
}
