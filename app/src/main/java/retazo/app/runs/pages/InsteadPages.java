package retazo.app.runs.pages;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.KitWork;
import retazo.app.kits.KitWorks;
import retazo.app.pictures.QuiltPicture;
import retazo.app.runs.instead.InsteadOffer;
import retazo.app.runs.instead.InsteadOffers;
import retazo.app.runs.instead.Stopped;
import retazo.app.runs.instead.StoppedBags;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.colour.FabricLook;
import retazo.core.measure.LengthUnit;

/** Shows what bags that lack a fabric could be made as: each as a quilt, with what changes of its bill. */
@Component
@Transactional(readOnly = true)
class InsteadPages {

    private static final int WIDEST = 230;

    private final StoppedBags stopped;
    private final InsteadOffers offers;
    private final KitWorks works;
    private final Words words;

    InsteadPages(StoppedBags stopped, InsteadOffers offers, KitWorks works, Words words) {
        this.stopped = stopped;
        this.offers = offers;
        this.works = works;
        this.words = words;
    }

    /**
     * A quilt drawn to the scale of its page.
     *
     * @param widthPixels of the drawing
     */
    record Quilt(QuiltPicture picture, String title, int widthPixels, List<Fabric> prints) {
    }

    /**
     * A line of a bill.
     *
     * @param changed whether it is not so in the kit as it was asked
     */
    record LineView(Fabric fabric, LengthView length, boolean changed) {
    }

    /**
     * What bags could be made as.
     *
     * @param looks how it differs to the eye
     * @param own   the id of the fabric that lacks; empty for a size
     * @param other the id of the fabric in its place, or of the smaller kit
     */
    record OfferView(
            String title, String looks, Quilt quilt, List<LineView> lines, String given, int bags, Optional<Long> own, long other) {
    }

    /**
     * The page.
     *
     * @param bag  the number of a bag that is confirmed; empty for bags that are not made yet
     * @param stops what they lack
     */
    record Page(
            long runId, Kit kit, Optional<Integer> bag, int bags, String stops, Quilt quilt, List<LineView> lines, List<OfferView> offers) {

        /** The fabrics that are drawn, each once. */
        List<Fabric> prints() {
            return Stream.concat(Stream.of(quilt), offers.stream().map(OfferView::quilt)).flatMap(drawn -> drawn.prints().stream())
                    .distinct().toList();
        }
    }

    Page bag(long runId, int number) {
        return page(stopped.bag(runId, number));
    }

    Page kit(long runId, long kitId) {
        return page(stopped.ofKit(runId, kitId));
    }

    private Page page(Stopped found) {
        KitWork own = works.work(found.kit());
        List<InsteadOffer> all = found.bags() == 0 ? List.of() : offers.of(found);
        QuiltPicture asked = picture("own", found.kit());
        List<QuiltPicture> others = IntStream.range(0, all.size()).mapToObj(i -> picture("other-" + i, all.get(i).kit())).toList();
        double widest = Stream.concat(Stream.of(asked), others.stream()).mapToDouble(InsteadPages::inches).max().orElse(1);
        List<LineView> lines = lines(own, List.of());
        return new Page(
                found.run().id(), found.kit(), found.bag().map(bag -> bag.number()), found.bags(),
                words.list(found.lacking().stream().map(Fabric::name).toList()), quilt(asked, found.kit(), widest), lines,
                IntStream.range(0, all.size())
                        .mapToObj(i -> view(all.get(i), quilt(others.get(i), all.get(i).kit(), widest), found, lines)).toList());
    }

    private OfferView view(InsteadOffer offer, Quilt quilt, Stopped found, List<LineView> own) {
        String title = offer.swap().map(swap -> words.text("instead.fabric", swap.other().name(), swap.own().name()))
                .orElseGet(() -> words.text("instead.size", offer.kit().sizeName()));
        return new OfferView(
                title, offer.swap().map(this::looks).orElse(""), quilt, lines(offer.as(), own),
                offer.still().isEmpty()
                        ? words.text(found.bags() == 1 ? "instead.enough" : "instead.given", offer.bags(), found.bags())
                        : words.text("instead.still", words.list(offer.still().stream().map(Fabric::name).toList())),
                offer.bags(), offer.swap().map(swap -> swap.own().id()),
                offer.swap().map(swap -> swap.other().id()).orElseGet(() -> offer.kit().id()));
    }

    private String looks(InsteadOffer.Swap swap) {
        FabricLook own = swap.own().look();
        FabricLook other = swap.other().look();
        return words.text("instead.looks." + own.apartFrom(other)) + " " + words.text("instead.value." + own.valueOf(other));
    }

    private List<LineView> lines(KitWork work, List<LineView> own) {
        LengthUnit unit = words.sellingUnit();
        return work.bill().lines().stream().flatMap(line -> line.asCut().stream())
                .map(cut -> {
                    Fabric fabric = work.kit().fabric(cut.fabricCode());
                    LengthView length = LengthView.of(cut.length(), unit);
                    return new LineView(fabric, length, !own.isEmpty() && own.stream()
                            .noneMatch(line -> line.fabric().equals(fabric) && line.length().equals(length)));
                }).toList();
    }

    private static Quilt quilt(QuiltPicture picture, Kit kit, double widest) {
        return new Quilt(
                picture, kit.name(), (int) Math.round(WIDEST * inches(picture) / widest),
                kit.fabrics().values().stream().distinct().toList());
    }

    private static QuiltPicture picture(String id, Kit kit) {
        return QuiltPicture.of(id, kit.pattern().design(), kit.size(), kit::ink);
    }

    private static double inches(QuiltPicture picture) {
        return Double.parseDouble(picture.width());
    }
}
