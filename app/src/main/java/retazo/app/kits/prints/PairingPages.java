package retazo.app.kits.prints;

import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.FabricService;
import retazo.app.kits.Kit;
import retazo.app.kits.KitWork;
import retazo.app.kits.KitWorks;
import retazo.app.kits.sources.KitSingle;
import retazo.app.kits.sources.KitTopUp;
import retazo.app.shared.Faults;
import retazo.app.shared.LengthView;
import retazo.app.shared.MoneyText;
import retazo.app.shared.Words;
import retazo.app.stock.goods.Good;

/** The page of a kit's prints. */
@Component
class PairingPages {

    private final KitPairings pairings;
    private final TopUps topUps;
    private final KitWorks works;
    private final FabricService fabrics;
    private final Words words;

    PairingPages(KitPairings pairings, TopUps topUps, KitWorks works, FabricService fabrics, Words words) {
        this.pairings = pairings;
        this.topUps = topUps;
        this.works = works;
        this.fabrics = fabrics;
        this.words = words;
    }

    /**
     * @param typed what somebody typed at one of its precuts, with what is wrong with it
     * @param tried a cloth off whose bolts one of them might be completed
     */
    @Transactional(readOnly = true)
    List<PairingView> of(Kit kit, Optional<PairingForm> typed, TriedCloth tried, Faults faults) {
        return pairings.of(kit).stream().map(bundle -> {
            Optional<PairingForm> own = typed.filter(form -> form.good().equals(Long.toString(bundle.good().id())));
            List<Good> offers = pairings.replacements(kit, bundle);
            PairingView.Asked asked = new PairingView.Asked(
                    own.orElseGet(() -> PairingForm.of(bundle)).withSpareRows(), own.isPresent() ? faults : Faults.NONE, offers,
                    topUps.of(kit, bundle, offers).stream().map(this::written).toList(),
                    tried.isFor(bundle) ? tried : TriedCloth.NONE, offBolt(kit, bundle, tried), taken(kit, bundle));
            return PairingView.of(bundle, asked, words);
        }).toList();
    }

    /** What the tried cloth would take; empty where none was typed, or none is called so. */
    private Optional<PairingView.OffBolt> offBolt(Kit kit, KitPairings.Bundle bundle, TriedCloth tried) {
        return tried.isFor(bundle)
                ? fabrics.named(tried.text()).map(fabric -> topUps.offBolt(kit, bundle, fabric, tried.lightness()).map(this::written)
                        .orElseGet(() -> PairingView.OffBolt.none(words.text("problem.kit.top-up-too-narrow", fabric.name()))))
                        .or(() -> Optional.of(PairingView.OffBolt.none(words.text("problem.kit.no-such-cloth", tried.text()))))
                : Optional.empty();
    }

    private PairingView.OffBolt written(TopUps.OffBolt offer) {
        KitTopUp topUp = offer.topUp();
        String length = LengthView.of(offer.length(), words.sellingUnit()).plain();
        String price = offer.price().map(MoneyText::of).orElse("");
        String pack = offer.pack().map(MoneyText::of).orElse("");
        String told = offer.spares()
                ? words.text("pairing.off-bolt", topUp.count(), topUp.fabric().name(), length, price, pack, price.isEmpty(), pack.isEmpty())
                : words.text("pairing.off-bolt-spares-none", topUp.fabric().name());
        return new PairingView.OffBolt(Optional.of(topUp), told);
    }

    /** The sheets off bolts that the kit takes beside a precut, in words with what is sold for them. */
    private List<PairingView.OffBolt> taken(Kit kit, KitPairings.Bundle bundle) {
        if (kit.topUpsFor(bundle.good()).isEmpty()) {
            return List.of();
        }
        KitWork work = works.work(kit);
        return kit.topUpsFor(bundle.good()).stream().map(topUp -> new PairingView.OffBolt(Optional.of(topUp), words.text(
                "pairing.off-bolt-taken", topUp.count(), topUp.fabric().name(),
                Optional.ofNullable(work.topUps().get(topUp.fabric().code()))
                        .map(sold -> LengthView.of(sold.value(), words.sellingUnit()).plain()).orElse(""))))
                .toList();
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
