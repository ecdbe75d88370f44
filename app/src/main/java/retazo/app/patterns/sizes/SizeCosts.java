package retazo.app.patterns.sizes;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import retazo.app.cloth.SizeWork;
import retazo.app.pictures.RoleView;
import retazo.app.shared.MoneyText;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.UsualPrices;
import retazo.core.kit.Need;
import retazo.core.kit.RoleSource;
import retazo.core.measure.Money;

/**
 * What the roles of a pattern cost at the shop's usual prices, before any fabric is chosen.
 *
 * @param sources what roles come from that are not laid on whole cloth
 */
record SizeCosts(UsualPrices usual, Map<RoleKey, RoleSource> sources) {

    /** Of what one role takes at one size; empty where a price is not known. */
    String of(List<Need> needs, RoleView role) {
        return sum(needs.stream().map(need -> money(need, new RoleKey(role.key()))).toList());
    }

    private Optional<Money> money(Need need, RoleKey role) {
        return need.sold().flatMap(sell -> usual.of(sell.value())).or(() -> need.picked().flatMap(
                count -> Optional.ofNullable(sources.get(role)).flatMap(source -> usual.of(source.kind(), count.value()))));
    }

    /** Of each size, all roles together; no size where none has a price, and an empty text for one with a role whose price is not known. */
    List<String> ofAll(List<SizeWork> works) {
        List<String> all = works.stream().map(this::ofSize).toList();
        return all.stream().allMatch(String::isEmpty) ? List.of() : all;
    }

    private String ofSize(SizeWork work) {
        List<Optional<Money>> roles = work.needs().byFabric().values().stream().map(need -> money(need, need.roles().get(0))).toList();
        return sum(roles);
    }

    private String sum(List<Optional<Money>> all) {
        return all.isEmpty() || all.stream().anyMatch(Optional::isEmpty)
                ? ""
                : MoneyText.of(all.stream().map(Optional::orElseThrow).reduce(Money.zero(usual.currency()), Money::plus));
    }
}
