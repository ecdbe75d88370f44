package retazo.app.patterns.entry;

import java.util.List;
import java.util.Optional;
import retazo.app.patterns.PatternVersion;
import retazo.app.shared.Choice;
import retazo.app.shared.Words;
import retazo.core.cloth.PrecutKind;
import retazo.core.cloth.Role;

/**
 * What a cut list can be filled in with.
 *
 * @param precuts   kinds that a line can be cut from
 * @param roleNames the roles that the pattern has already
 * @param hasPaper  whether it is another designer's, whose paper says from which strips its pieces are cut
 */
record CutListPage(List<Choice> precuts, List<String> roleNames, boolean hasPaper) {

    static CutListPage of(Optional<PatternVersion> before, Words words) {
        return new CutListPage(
                PrecutKind.customary().stream().map(kind -> new Choice(kind.code(), words.text("precut." + kind.code()))).toList(),
                before.map(version -> version.design().roles().stream().map(Role::name).toList()).orElse(List.of()),
                before.map(version -> !version.about().ownDesign()).orElse(false));
    }

    public List<String> uses() {
        return TableForm.uses();
    }
}
