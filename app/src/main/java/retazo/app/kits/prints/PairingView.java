package retazo.app.kits.prints;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import retazo.app.cloth.SheetsView;
import retazo.app.kits.Kit;
import retazo.app.kits.sources.KitSingle;
import retazo.app.kits.sources.KitTopUp;
import retazo.app.pictures.Ink;
import retazo.app.shared.Faults;
import retazo.app.shared.Words;
import retazo.app.stock.goods.BundlePrint;
import retazo.app.stock.goods.Good;
import retazo.core.cloth.Role;
import retazo.core.kit.PrintPlan;
import retazo.core.prints.PrintValue;

/**
 * The prints of a precut and which unit takes which, as pages show it.
 *
 * @param of       the roles and their precut
 * @param answer   how many packs the prints take, in words
 * @param matched  whether a rule is kept, and its prints come out
 * @param parts    what a unit takes of one print
 * @param list     the pairing list; empty where prints are mixed freely
 * @param notes    prints that are left out, or that are not as many as the pack has pieces, in words
 * @param singles  beside the packs
 * @param asked    the form, with what may be chosen
 */
public record PairingView(
        Of of, String answer, boolean matched, List<Part> parts, List<Unit> list, List<String> notes, List<KitSingle> singles,
        Asked asked) {

    /** Whose pieces come from which precut. */
    public record Of(String roleKey, String letters, String good, long goodId, Ink ink, boolean hasRule, boolean hasPrints) {
    }

    /** A unit with its prints, in the order of its parts. */
    public record Unit(int number, List<String> prints) {
    }

    /**
     * What a unit takes of one print, in words.
     *
     * @param sheets how they are cut; empty where the pattern says it
     */
    public record Part(String gives, Optional<SheetsView> sheets) {
    }

    /**
     * What the page asks.
     *
     * @param form   as typed, or as it is kept
     * @param offers loose precuts that may stand beside the packs
     * @param topUps what completes the packs in place of one more
     * @param tried  a cloth off whose bolts they might be completed
     * @param off    what that takes; empty where none was tried
     * @param taken  the sheets off bolts that are taken already
     */
    public record Asked(PairingForm form, Faults faults, List<Good> offers, List<Offer> topUps, TriedCloth tried,
            Optional<OffBolt> off, List<OffBolt> taken) {
    }

    /**
     * Singles in place of the last pack.
     *
     * @param told what that is, with the money where it is known
     */
    public record Offer(Good good, PrintValue value, int count, String told) {
    }

    /**
     * Sheets off a bolt, in words.
     *
     * @param topUp what is taken; empty where the cloth gives none
     */
    public record OffBolt(Optional<KitTopUp> topUp, String told) {
        static OffBolt none(String why) {
            return new OffBolt(Optional.empty(), why);
        }
    }

    /** For those who only read it. */
    public static PairingView of(KitPairings.Bundle bundle, Words words) {
        return of(bundle, new Asked(
                PairingForm.of(bundle), Faults.NONE, List.of(), List.of(), TriedCloth.NONE, Optional.empty(), List.of()), words);
    }

    static PairingView of(KitPairings.Bundle bundle, Asked asked, Words words) {
        Optional<PrintPlan> plan = bundle.taken().flatMap(units -> units.prints());
        List<Unit> list = new ArrayList<>();
        plan.ifPresent(prints -> prints.allotment().units().forEach(unit -> list.add(new Unit(list.size() + 1, unit))));
        return new PairingView(
                new Of(bundle.roles().get(0).key().value(), bundle.roles().stream().map(Role::letter).collect(Collectors.joining(", ")),
                        bundle.good().name(), bundle.good().id(), Kit.ink(bundle.good()), bundle.rule().isPresent(),
                        !bundle.prints().isEmpty()),
                answer(bundle, plan, words), plan.isPresent(),
                plan.map(prints -> prints.parts().stream().map(part -> part(part, words)).distinct().toList()).orElse(List.of()),
                bundle.prints().isEmpty() ? List.of() : list, notes(bundle, words), bundle.singles(), asked);
    }

    private static Part part(PrintPlan.Part part, Words words) {
        return new Part(
                words.text("pairing.gives", String.join(", ", part.letters()), part.part().sheets(), part.part().gives()),
                part.sheets().map(plan -> SheetsView.of(plan, words)));
    }

    private static String answer(KitPairings.Bundle bundle, Optional<PrintPlan> plan, Words words) {
        if (bundle.taken().isEmpty()) {
            return words.text("pairing.none");
        }
        String unit = bundle.good().unit();
        return plan
                .map(prints -> words.text("pairing.matched", prints.allotment().asked(), bundle.packs(), unit, bundle.good().perUnit(),
                        prints.allotment().sheets(), prints.free(), prints.oneFewer()))
                .orElseGet(() -> words.text("pairing.mixed", bundle.packs(), unit, bundle.good().perUnit()));
    }

    private static List<String> notes(KitPairings.Bundle bundle, Words words) {
        List<String> notes = new ArrayList<>();
        String dropped = bundle.prints().stream().filter(print -> print.part() == BundlePrint.Part.DROPPED).map(BundlePrint::name)
                .collect(Collectors.joining(", "));
        if (!dropped.isEmpty()) {
            notes.add(words.text("pairing.left-out", dropped));
        }
        int typed = bundle.prints().stream().mapToInt(BundlePrint::pieces).sum();
        if (!bundle.prints().isEmpty() && typed != bundle.good().perUnit()) {
            notes.add(words.text("pairing.mismatch", typed, bundle.good().perUnit()));
        }
        return notes;
    }
}
