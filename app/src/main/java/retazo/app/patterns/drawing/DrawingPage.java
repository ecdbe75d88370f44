package retazo.app.patterns.drawing;

import java.util.List;
import java.util.Optional;
import retazo.app.cloth.PieceListView;
import retazo.app.pictures.Ink;
import retazo.app.pictures.QuiltPicture;
import retazo.app.shared.Choice;
import retazo.app.shared.Faults;
import retazo.app.shared.FractionText;

/**
 * The workbench with the blocks of a pattern.
 *
 * @param form     as typed, with rows to spare
 * @param canvases the blocks as far as they can be drawn
 * @param quilt    what they come to; empty while something cannot be read
 * @param placed   whether the pattern is drawn already, so that its places stand at Quilt
 * @param tools    what is worked with
 */
record DrawingPage(DrawingForm form, Faults faults, List<BlockCanvas> canvases, Optional<Quilt> quilt, boolean placed, Tools tools) {

    /** A size of the quilt: its picture, its pieces and what a cutter should know. */
    record Quilt(String name, QuiltPicture picture, PieceListView pieces, List<FractionText> warnings) {
    }

    /**
     * What the bench offers.
     *
     * @param palette  units to place
     * @param starters blocks to begin with
     * @param inks     of the roles by their places
     */
    record Tools(List<UnitPalette> palette, List<String> starters, List<Ink> inks) {
    }
}
