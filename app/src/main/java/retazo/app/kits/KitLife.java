package retazo.app.kits;

import java.time.Clock;
import java.time.Instant;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.shared.NotFoundException;
import retazo.app.shared.Outcome;
import retazo.core.measure.Problem;

/** What becomes of kits that are made: their colours get another name, their line ends and is taken up again. */
@Service
public class KitLife {

    private final KitRepository kits;
    private final ColourwayRepository colourways;
    private final Clock clock;

    KitLife(KitRepository kits, ColourwayRepository colourways, Clock clock) {
        this.kits = kits;
        this.colourways = colourways;
        this.clock = clock;
    }

    /** Since when a kit is planned no more; empty while it is. */
    @Transactional(readOnly = true)
    public Optional<Instant> endedAt(long kitId) {
        return kits.endedAt(kitId);
    }

    /**
     * Gives the colours of a kit another name, and so all kits in them.
     *
     * @param seen what they were called when that was asked; refused where somebody else renamed them meanwhile
     */
    @Transactional
    public Outcome<Long> rename(long kitId, String seen, String name) {
        ColourwayEntity colourway = kit(kitId).colourway();
        if (!colourway.name().equals(seen)) {
            return Outcome.refused(Problem.at("colourway", "kit.renamed-meanwhile", colourway.name()));
        }
        Optional<ColourwayEntity> taken = colourways.findByPatternIdAndNameIgnoreCase(colourway.patternId(), name)
                .filter(other -> other.id() != colourway.id());
        if (taken.isPresent()) {
            return Outcome.refused(Problem.at("colourway", "kit.colourway-taken", name));
        }
        colourway.rename(name);
        colourways.saveAndFlush(colourway);
        return Outcome.done(kitId);
    }

    /** It is planned no more; ended twice it is ended once. Runs that have it keep it. */
    @Transactional
    public void end(long kitId, long personId) {
        KitEntity kit = kit(kitId);
        if (!kit.isEnded()) {
            kit.end(personId, clock.instant());
            kits.saveAndFlush(kit);
        }
    }

    /** It is planned again. */
    @Transactional
    public void goOn(long kitId) {
        KitEntity kit = kit(kitId);
        kit.goOn();
        kits.saveAndFlush(kit);
    }

    private KitEntity kit(long kitId) {
        return kits.findById(kitId).orElseThrow(() -> new NotFoundException("kit", kitId));
    }
}
