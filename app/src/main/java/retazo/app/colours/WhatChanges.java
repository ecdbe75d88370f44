package retazo.app.colours;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.possible.KitPrices;
import retazo.app.kits.possible.PossibleKits;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.bolt.KitsPossible;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.LengthUnit;

/** Says what a change of colours brings, size by size, before it is made: lengths, price, and how many can be made. */
@Component
class WhatChanges {

    private final ColourPages pages;
    private final PossibleKits possible;
    private final KitPrices prices;
    private final Recolour recolour;
    private final Words words;

    WhatChanges(ColourPages pages, PossibleKits possible, KitPrices prices, Recolour recolour, Words words) {
        this.pages = pages;
        this.possible = possible;
        this.prices = prices;
        this.recolour = recolour;
        this.words = words;
    }

    /** A length of a fabric. */
    record Cut(Fabric fabric, LengthView length) {
    }

    /**
     * A kit as it is, or as it would be.
     *
     * @param can   how many can be made now
     * @param stops what stops the next one, in words
     * @param price of a bag; empty where it is not known
     */
    record Side(List<Cut> cuts, long can, String stops, String price) {
    }

    /**
     * A size.
     *
     * @param after empty where its pattern has it no more
     */
    record Line(String size, Side before, Optional<Side> after) {

        Stream<Fabric> fabrics() {
            return Stream.concat(before.cuts().stream(), after.stream().flatMap(side -> side.cuts().stream())).map(Cut::fabric);
        }
    }

    /** Of all sizes of a kit's colours that are planned. */
    @Transactional(readOnly = true)
    List<Line> of(long kitId, Map<RoleKey, Fabric> fabrics, boolean backing) {
        return pages.planned(kitId).stream()
                .map(before -> new Line(
                        before.sizeName(), side(before), recolour.changed(before, fabrics, backing).map(this::side)))
                .toList();
    }

    private Side side(Kit kit) {
        LengthUnit unit = words.sellingUnit();
        KitsPossible can = possible.of(kit);
        return new Side(
                possible.oneBag(kit).map(one -> one.bill().lengths().entrySet().stream()
                        .map(cut -> new Cut(kit.fabric(cut.getKey()), LengthView.of(cut.getValue(), unit))).toList()).orElse(List.of()),
                can.bags().value(), words.list(kit.names(can.stoppedBy())), prices.of(List.of(kit)).price(kit));
    }
}
