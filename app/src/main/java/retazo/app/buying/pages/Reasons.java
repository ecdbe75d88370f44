package retazo.app.buying.pages;

import static java.util.Objects.requireNonNull;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;
import retazo.app.buying.Outlook;
import retazo.app.buying.Want;
import retazo.app.kits.index.KitIndex;
import retazo.app.kits.index.KitTitle;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.app.staff.Right;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;

/** Says why a fabric is ordered. */
@Component
class Reasons {

    private static final int MOST_WANTS = 4;

    private final KitIndex kits;
    private final Words words;

    Reasons(KitIndex kits, Words words) {
        this.kits = kits;
        this.words = words;
    }

    /** A want in words, where it can be looked at, and who may. */
    record WantView(String text, LengthView length, String path, Right right) {
    }

    /** The titles of the kits that are asked for. */
    Map<Long, KitTitle> titles(Collection<Outlook> outlooks) {
        return kits.titles(outlooks.stream().flatMap(one -> one.wants().stream()).filter(want -> want.kind() == Want.Kind.ASKED)
                .map(Want::of).collect(Collectors.toSet()));
    }

    WantView want(Want want, Map<Long, KitTitle> titles, LengthUnit unit) {
        boolean asked = want.kind() == Want.Kind.ASKED;
        String of = asked ? requireNonNull(titles.get(want.of())).name() : Long.toString(want.of());
        return new WantView(
                words.text("buying.want." + want.kind(), of, want.bags()), LengthView.compared(want.length(), unit),
                asked ? "/kits/" + want.of() : "/runs/" + want.of(), asked ? Right.KITS : Right.RUNS);
    }

    /** What an order line says of why: who wants how much, then what goes. */
    List<String> of(Outlook outlook, Map<Long, KitTitle> titles, LengthUnit unit) {
        Stream<String> wants = outlook.wants().stream().limit(MOST_WANTS).map(want -> want(want, titles, unit))
                .map(view -> words.text("buying.reason.want", view.text(), view.length().plain()));
        int more = outlook.wants().size() - MOST_WANTS;
        Stream<String> others = more > 0 ? Stream.of(words.text("buying.reason.more", more)) : Stream.empty();
        return Stream.of(wants, others, used(outlook, unit).stream(), tooLong(outlook, unit).stream()).flatMap(one -> one).toList();
    }

    private Optional<String> used(Outlook outlook, LengthUnit unit) {
        Length point = outlook.reorder().point().value();
        if (!point.isPositive()) {
            return Optional.empty();
        }
        return Optional.of(words.text(
                outlook.terms().point().isPresent() ? "buying.reason.point" : "buying.reason.use",
                LengthView.compared(point, unit).plain(), outlook.supplier().leadWeeks()));
    }

    private Optional<String> tooLong(Outlook outlook, LengthUnit unit) {
        return outlook.tooLong().isPositive()
                ? Optional.of(words.text(
                        "buying.reason.too-long", LengthView.of(outlook.tooLong(), unit).plain(),
                        LengthView.of(outlook.bolt(), unit).plain()))
                : Optional.empty();
    }
}
