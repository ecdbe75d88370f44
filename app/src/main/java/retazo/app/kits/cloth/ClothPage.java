package retazo.app.kits.cloth;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import retazo.app.patterns.PatternHead;
import retazo.app.patterns.PatternVersion;
import retazo.app.pictures.QuiltPicture;
import retazo.app.pictures.RoleView;
import retazo.app.shared.FractionText;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.block.shape.FinishedSize;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.kit.ClothAtHand;
import retazo.core.measure.Quantity;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.size.CustomarySize;
import retazo.core.quilt.size.QuiltSize;

/**
 * What can be made of cloth that is there.
 *
 * @param patternName of the pattern
 * @param sizes  whose borders and sashes can be kept
 * @param from   the one that is
 * @param roles  with what was typed for each
 * @param asked  whether any cloth was named
 * @param found  the largest sizes, those nearest to a customary one first
 */
record ClothPage(
        long patternId, String patternName, List<SizeChoice> sizes, String from, List<RoleCloth> roles, boolean asked, List<Found> found) {

    /** The view box of the largest picture: in it all are drawn to one scale. */
    public String viewBox() {
        return "-1 -1 " + largest(QuiltPicture::outerWidth) + " " + largest(QuiltPicture::outerHeight);
    }

    private BigDecimal largest(Function<QuiltPicture, Object> side) {
        return found.stream().map(one -> new BigDecimal(side.apply(one.picture()).toString())).max(Comparator.naturalOrder())
                .orElse(BigDecimal.ONE);
    }

    /** A size to start from. */
    record SizeChoice(String key, String name) {
    }

    /**
     * A role and its cloth.
     *
     * @param cloth as typed
     * @param known what it was understood as: a bolt with its fabric and free length
     */
    record RoleCloth(RoleView role, String cloth, FractionText known) {
    }

    /**
     * A size that the cloth is enough for.
     *
     * @param nearest to which customary size, and by how much it misses that, in words
     * @param picture the quilt
     * @param over what is left of each role's cloth
     * @param stops what stops another column and another row
     */
    record Found(
            int columns, int rows, FractionText finished, FractionText nearest, QuiltPicture picture, int places,
            List<FractionText> over, List<FractionText> stops) {
    }

    /** Cloth as it was understood. */
    record Known(ClothAtHand cloth, Map<RoleKey, String> words) {
    }

    static ClothPage of(PatternVersion pattern, ClothForm form, Known known, ShopPractice shop, Words words) {
        QuiltDesign design = pattern.design();
        List<QuiltSize.Grid> grids = design.grids();
        QuiltSize.Grid from = from(pattern, form);
        boolean asked = !known.cloth().byRole().isEmpty();
        Writer writer = new Writer(design, shop, words);
        return new ClothPage(
                pattern.patternId(), pattern.name(),
                grids.stream().map(size -> new SizeChoice(size.key().value(), size.name())).toList(), from.key().value(),
                design.roles().stream()
                        .map(role -> new RoleCloth(
                                RoleView.of(design, role.key(), words), form.cloth(role.key()),
                                FractionText.of(known.words().getOrDefault(role.key(), ""))))
                        .toList(),
                asked,
                asked ? writer.all(known.cloth().largest(design, from, shop)) : List.of());
    }

    /** The size whose borders and sashes are kept: the one that was chosen, else the first. */
    static QuiltSize.Grid from(PatternVersion pattern, ClothForm form) {
        List<QuiltSize.Grid> grids = pattern.design().grids();
        return grids.stream().filter(size -> size.key().value().equals(form.from())).findFirst().orElse(grids.get(0));
    }

    /** Writes what was found. */
    private record Writer(QuiltDesign design, ShopPractice shop, Words words) {

        List<Found> all(List<ClothAtHand.Possible> possible) {
            return possible.stream()
                    .sorted(Comparator.comparing(one -> CustomarySize.nearest(finished(one)).missedBy(finished(one))))
                    .map(this::found).toList();
        }

        private FinishedSize finished(ClothAtHand.Possible possible) {
            return design.drawing().orElseThrow().finishedAt(possible.size(), design.practice(shop));
        }

        private FractionText nearest(FinishedSize finished) {
            CustomarySize size = CustomarySize.nearest(finished);
            return FractionText.of(words.text(
                    "cloth.nearest", words.text("customary." + size), LengthView.sides(size.width(), size.height()),
                    LengthView.cut(size.missedBy(finished)).plain()));
        }

        private Found found(ClothAtHand.Possible possible) {
            QuiltSize.Grid size = possible.size();
            FinishedSize finished = finished(possible);
            List<FractionText> stops = new ArrayList<>();
            stops.add(stop("cloth.stop.across", possible.moreAcross()));
            stops.add(stop("cloth.stop.down", possible.moreDown()));
            return new Found(
                    size.columns(), size.rows(),
                    FractionText.of(LengthView.sides(finished.width(), finished.height())), nearest(finished),
                    QuiltPicture.of("found-" + size.columns() + "-" + size.rows(), design, size, PatternHead.inks(design)),
                    possible.places(),
                    possible.over().entrySet().stream()
                            .map(over -> FractionText.of(words.text("cloth.over", letter(over.getKey()), amount(over.getValue()))))
                            .toList(),
                    stops);
        }

        private String amount(Quantity quantity) {
            return quantity.match(
                    length -> LengthView.cut(length).plain(), exact -> "", count -> words.text("cloth.count", count.value()),
                    percent -> "");
        }

        private String letter(RoleKey role) {
            return design.role(role).letter();
        }

        private FractionText stop(String code, Optional<ClothAtHand.Stop> stop) {
            return FractionText.of(stop
                    .map(found -> words.text(code, letter(found.role()), amount(found.missing())))
                    .orElseGet(() -> words.text(code + ".limit")));
        }
    }
}
