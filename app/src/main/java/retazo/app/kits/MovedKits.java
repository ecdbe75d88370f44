package retazo.app.kits;

import java.time.Clock;
import java.util.List;

import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

import retazo.app.patterns.DesignerNamed;
import retazo.app.shared.Words;
import retazo.app.stock.goods.GoodService;

/**
 * Moves the kits of a pattern whose designer is named: they follow its paper, our page goes out no more, and a copy of the pattern goes
 * into each bag. Bags that are confirmed keep what they were confirmed with.
 */
@Component
class MovedKits {

    private final KitRepository kits;
    private final GoodService goods;
    private final Words words;
    private final Clock clock;

    MovedKits(KitRepository kits, GoodService goods, Words words, Clock clock) {
        this.kits = kits;
        this.goods = goods;
        this.words = words;
        this.clock = clock;
    }

    /** In the transaction in which the designer is named. */
    @EventListener
    void named(DesignerNamed pattern) {
        List<KitEntity> moved = kits.findAllById(kits.idsOfPattern(pattern.patternId()));
        if (!moved.isEmpty()) {
            goods.copiesOf(pattern.patternId(), pattern.name());
        }
        moved.stream().filter(kit -> !kit.isMoved()).forEach(
                kit -> kit.followPaper(new Decision(words.text("kit.moved.reason"), pattern.personId(), clock.instant())));
        kits.flush();
    }
}
