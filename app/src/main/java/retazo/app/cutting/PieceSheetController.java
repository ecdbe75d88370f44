package retazo.app.cutting;

import java.util.List;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import retazo.app.kits.Kit;

/** How the pieces of a cut are cut: for kits whose pieces the shop cuts, one bag or several together. */
@Controller
class PieceSheetController {

    private final PieceSheetPages pages;

    PieceSheetController(PieceSheetPages pages) {
        this.pages = pages;
    }

    @GetMapping("/cutting/pieces/{cutId}")
    String pieces(@PathVariable long cutId, Model model) {
        PieceSheetPages.Pieces pieces = pages.pieces(cutId);
        model.addAttribute("pieces", pieces);
        model.addAttribute("ink", Kit.ink(pieces.of().fabric()));
        model.addAttribute("prints", List.of(pieces.of().fabric()));
        return "cutting/pieces";
    }
}
