package retazo.app.cutting.stacks;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import retazo.app.cloth.LaidView;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.cloth.KitSheetsView;
import retazo.app.runs.book.BagNumbers;
import retazo.app.runs.packets.PieceSource;
import retazo.app.shared.LengthView;
import retazo.app.stock.goods.Good;
import retazo.core.packet.StackStep;

/**
 * The pieces of one source as they are cut.
 *
 * @param steps  in the order of cutting
 * @param names  what the pieces of a step are called, by its key, in words with their sizes
 * @param alike  what else goes into the same stacks, in words; empty for nothing
 * @param view   how they lie
 */
record PieceWork(Of of, List<StackStep> steps, Map<String, List<String>> names, String alike, View view) {

    /**
     * Whose pieces they are.
     *
     * @param fabric of a length; empty for precuts
     * @param good   the precut; empty for a length
     * @param isOpen whether what they are cut from is there, and no bag of theirs is closed
     */
    record Of(PieceSource source, Kit kit, BagNumbers bags, Optional<Fabric> fabric, Optional<Good> good, From from, boolean isOpen) {

        public String name() {
            return fabric.map(Fabric::name).or(() -> good.map(Good::name)).orElseThrow();
        }

        /** What their addresses begin with. */
        public String path() {
            return path(source);
        }

        static String path(PieceSource source) {
            return "/cutting/pieces/" + source.cutId().map(String::valueOf).orElseGet(() -> source.precut()
                    .map(of -> source.runId() + "/" + of.kitId() + "/" + of.goodId()).orElseThrow());
        }
    }

    /**
     * What they are cut from.
     *
     * @param boltId of a length; 0 for precuts
     * @param lot    of a length; empty for precuts
     * @param length that is cut off; empty for precuts
     * @param take   how many packs or loose precuts; 0 for a length
     * @param isCut  whether the length is cut off its bolt
     */
    record From(long boltId, String lot, Optional<LengthView> length, long take, boolean isCut) {
    }

    /**
     * How they lie.
     *
     * @param isShort whether the practice has changed since, and the length is not enough by the plan of now
     * @param takes   what the pieces take of a whole cloth; empty for sheets
     * @param laid    pieces on the whole cloth
     * @param sheets  pieces on quarters or precuts
     */
    record View(boolean isShort, Optional<LengthView> takes, Optional<LaidView> laid, Optional<KitSheetsView> sheets) {
    }
}
