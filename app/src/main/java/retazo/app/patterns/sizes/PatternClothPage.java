package retazo.app.patterns.sizes;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import retazo.app.cloth.ClothSettings;
import retazo.app.cloth.ClothView;
import retazo.app.cloth.ClothWays;
import retazo.app.cloth.PrecutView;
import retazo.app.pictures.RoleView;
import retazo.app.shared.Faults;
import retazo.core.quilt.size.QuiltSize;

/**
 * How the cloth of a role is cut at a size.
 *
 * @param sizes    whose pieces are known
 * @param view     the plan; empty where nothing is cut from whole cloth
 * @param ways     other ways to cut it, and what they take
 * @param others   whether the same from precuts and quarters stands among them
 * @param settings as tried out
 * @param shown    what stands in the fields of the settings
 */
record PatternClothPage(
        List<QuiltSize> sizes, QuiltSize size, RoleView role, Source source, Optional<ClothView> view, List<ClothWays.Alternative> ways,
        boolean others, ClothSettings settings, Map<String, String> shown, Faults faults) {

    /**
     * What the role comes from.
     *
     * @param chosen as looked at; empty for cloth off the bolt
     * @param kept   as the pattern has it; empty for cloth off the bolt
     * @param all    that can be looked at
     * @param precut the sheets, where it does not come off the bolt
     */
    record Source(String chosen, String kept, List<String> all, Optional<PrecutView> precut) {
    }

    /**
     * What is asked for, as it stands in the address.
     *
     * @param size   key of a size; otherwise the middle one
     * @param role   key of a role; otherwise the first one
     * @param source empty for what the pattern has
     * @param others whether the same from precuts and quarters is worked out as well, which takes longer
     */
    record Asked(String size, String role, Optional<String> source, boolean others, ClothSettings settings) {
    }
}
