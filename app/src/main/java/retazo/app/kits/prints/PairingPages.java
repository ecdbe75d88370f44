package retazo.app.kits.prints;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.kits.Kit;
import retazo.app.kits.sources.KitSingle;
import retazo.app.shared.Faults;
import retazo.app.shared.MoneyText;
import retazo.app.shared.Words;
import retazo.app.stock.goods.Good;

/** The page of a kit's prints. */
@Component
class PairingPages {

    private final KitPairings pairings;
    private final TopUps topUps;
    private final Words words;

    PairingPages(KitPairings pairings, TopUps topUps, Words words) {
        this.pairings = pairings;
        this.topUps = topUps;
        this.words = words;
    }

    /** @param typed what somebody typed at one of its precuts, with what is wrong with it */
    @Transactional(readOnly = true)
    List<PairingView> of(Kit kit, Optional<PairingForm> typed, Faults faults) {
        return pairings.of(kit).stream().map(bundle -> {
            Optional<PairingForm> own = typed.filter(form -> form.good().equals(Long.toString(bundle.good().id())));
            List<Good> offers = pairings.replacements(kit, bundle);
            PairingView.Asked asked = new PairingView.Asked(
                    own.orElseGet(() -> PairingForm.of(bundle)).withSpareRows(), own.isPresent() ? faults : Faults.NONE, offers,
                    topUps.of(kit, bundle, offers).stream().map(this::written).toList());
            return PairingView.of(bundle, asked, words);
        }).toList();
    }

    private PairingView.Offer written(TopUps.TopUp topUp) {
        KitSingle single = topUp.single();
        String told = topUp.price().isPresent() && topUp.pack().isPresent()
                ? words.text("pairing.top-up-for", single.count(), single.good().name(), MoneyText.of(topUp.price().get()),
                        MoneyText.of(topUp.pack().get()))
                : words.text("pairing.top-up", single.count(), single.good().name());
        return new PairingView.Offer(single.good(), single.value(), single.count(), told);
    }
}
