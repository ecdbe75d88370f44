package retazo.app.kits.prints;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import retazo.app.kits.KitSingle;
import retazo.app.shared.Words;
import retazo.app.stock.goods.BundlePrint;
import retazo.app.stock.goods.Good;
import retazo.core.precut.PrintMatching;

/**
 * The prints of a bundle and which unit takes which, as pages show it.
 *
 * @param of        the role and its bundle
 * @param places    as typed, or what is offered first
 * @param answer    whether all units have their prints, in words; empty while nobody said what a unit takes
 * @param complete  whether they have
 * @param units     the pairing list
 * @param dropped   prints that are left out, in words
 * @param singles   prints that take their place
 * @param offers    loose precuts that could
 * @param mismatch  that the prints typed are not as many as the pack has pieces, in words; empty where they are
 */
public record PairingView(
        Of of, int units, String places, int identical, String answer, boolean complete, List<Unit> list, String dropped,
        List<KitSingle> singles, List<Good> offers, String mismatch) {

    /** Whose pieces come from which bundle. */
    public record Of(String roleKey, String letter, String roleName, String good, long goodId) {
    }

    /** A unit with its prints. */
    public record Unit(int number, List<String> prints) {
    }

    /** For those who only read it. */
    public static PairingView of(KitPairings.Bundle bundle, Words words) {
        return of(bundle, List.of(), words);
    }

    static PairingView of(KitPairings.Bundle bundle, List<Good> offers, Words words) {
        Optional<PairingRule> rule = bundle.rule();
        List<Unit> list = new ArrayList<>();
        bundle.pairing().ifPresent(pairing -> pairing.units().forEach(prints -> list.add(new Unit(list.size() + 1, prints))));
        return new PairingView(
                new Of(bundle.role().key().value(), bundle.role().letter(), bundle.role().name(), bundle.good().name(),
                        bundle.good().id()),
                rule.map(PairingRule::units).orElse(bundle.suggested()), rule.map(PairingRule::placesText).orElse("any"),
                rule.map(one -> one.unit().identical()).orElse(1),
                bundle.pairing().map(pairing -> answer(bundle, rule.orElseThrow(), pairing, words)).orElse(""),
                bundle.pairing().map(PrintMatching.Pairing::isComplete).orElse(false),
                list,
                dropped(bundle), bundle.singles(), offers, mismatch(bundle, words));
    }

    private static String mismatch(KitPairings.Bundle bundle, Words words) {
        int typed = bundle.prints().stream().mapToInt(BundlePrint::pieces).sum();
        return typed == bundle.good().perUnit() ? "" : words.text("pairing.mismatch", typed, bundle.good().perUnit());
    }

    private static String answer(KitPairings.Bundle bundle, PairingRule rule, PrintMatching.Pairing pairing, Words words) {
        if (pairing.isComplete()) {
            return words.text("pairing.complete", pairing.asked());
        }
        boolean enough = bundle.pieces() >= rule.pieces();
        return words.text(enough ? "pairing.short-though-enough" : "pairing.short", pairing.units().size(), pairing.asked(),
                bundle.pieces(), rule.pieces());
    }

    private static String dropped(KitPairings.Bundle bundle) {
        return bundle.prints().stream().filter(print -> print.part() == BundlePrint.Part.DROPPED).map(BundlePrint::name)
                .collect(Collectors.joining(", "));
    }
}
