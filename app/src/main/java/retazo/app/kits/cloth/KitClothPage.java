package retazo.app.kits.cloth;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import retazo.app.cloth.ClothSettings;
import retazo.app.cloth.ClothView;
import retazo.app.cloth.ClothWays;
import retazo.app.cloth.FigureView;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.leftovers.LeftOversView;
import retazo.app.pictures.Ink;
import retazo.app.shared.Faults;
import retazo.app.stock.goods.Good;

/**
 * How one cloth of a kit is cut.
 *
 * @param decided who chose whose instructions it follows, in words; empty where nobody did
 * @param own     what the kit has otherwise than its pattern and the shop, in words; empty for nothing
 * @param cloth   that is looked at
 * @param taken   precuts that part of it comes from instead
 * @param faults  in what was typed
 */
record KitClothPage(Parts parts, String decided, String own, OneFabric cloth, List<Taken> taken, Laid laid, Asked asked, Faults faults) {

    /** The fabrics that are drawn. */
    List<Fabric> prints() {
        return List.of(cloth.fabric());
    }

    public Kit kit() {
        return parts.kit();
    }

    public boolean piecesKnown() {
        return kit().knowsItsPieces();
    }

    /** The kit with all it is cut from. */
    record Parts(Kit kit, List<Fabric> fabrics, List<Good> precuts) {
        static Parts of(Kit kit) {
            return new Parts(kit, List.copyOf(kit.lettersByFabric().keySet()), kit.goods().values().stream().distinct().toList());
        }
    }

    /** A cloth, and the roles it is for. */
    record OneFabric(Fabric fabric, String letters, Ink ink) {
    }

    /** A precut in place of a cloth. */
    record Taken(Good good, Ink ink, String letters, Optional<KitSheetsView> sheets) {
    }

    /**
     * Its plans.
     *
     * @param view      of the whole cloth; empty where nothing is cut from it
     * @param ways      other ways to cut it, and what they take
     * @param sheets    of the quarters it is cut into
     * @param leftOvers what it leaves and takes; empty where its maker cuts it
     * @param shown     what stands in the fields of the settings
     */
    record Laid(
            Optional<ClothView> view, List<ClothWays.Alternative> ways, Optional<KitSheetsView> sheets, Optional<LeftOversView> leftOvers,
            Map<String, String> shown) {

        /** The arithmetic of what is sold; none where nothing is cut. */
        public @Nullable FigureView opened() {
            return view.map(ClothView::opened).or(() -> sheets.map(KitSheetsView::opened)).orElse(null);
        }
    }

    /**
     * How it is looked at, as typed.
     *
     * @param settings that are tried out
     * @param together how many kits are cut together
     * @param others   whether other sources are compared, which takes longer
     * @param reason   why it would be safe to sell by another plan
     */
    record Asked(ClothSettings settings, String together, boolean others, String reason) {
    }

    /**
     * Whose instructions a kit follows.
     *
     * @param decided who chose it, in words; empty where nobody did
     * @param reason  why it would be safe to change it, as typed
     */
    record Whose(String decided, Faults faults, String reason) {
    }

    /**
     * How the sheets of a precut are cut.
     *
     * @param inPlaceOf the cloth that it stands in place of
     * @param whose     whose instructions the kit follows
     */
    record Precut(Parts parts, Taken precut, Optional<Fabric> inPlaceOf, Whose whose) {

        public Kit kit() {
            return parts.kit();
        }
    }
}
