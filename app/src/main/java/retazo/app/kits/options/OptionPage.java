package retazo.app.kits.options;

import java.util.List;
import java.util.stream.Stream;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.shared.LengthView;

/**
 * The options of a kit as their page shows them.
 *
 * @param possible how many of the kit itself can be made
 * @param stops    what stops the next one, in words
 * @param wider    how much wider a border was asked, as typed
 * @param spare    of every cloth, as typed
 * @param seen     the mark of the kit's settings
 * @param keeps    whether its settings can have that in every bag
 */
record OptionPage(Kit kit, long possible, String stops, List<Option> options, String wider, String spare, String seen, boolean keeps) {

    /**
     * An option.
     *
     * @param lines what it takes more of cloth
     * @param goods what it takes more of packs and sheets, in words
     * @param price of what it adds; empty where that is not known
     * @param can   how many can be made with it
     * @param stops what stops the next one with it, in words
     */
    record Option(KitOption.Kind kind, String name, List<Line> lines, List<String> goods, String price, long can, String stops) {
    }

    /** How much more of a fabric it takes. */
    record Line(Fabric fabric, LengthView length) {
    }

    List<Fabric> prints() {
        return Stream.concat(kit.cloths().stream(), options.stream().flatMap(option -> option.lines().stream()).map(Line::fabric))
                .distinct().toList();
    }
}
