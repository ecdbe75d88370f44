package retazo.app.kits.pages;

import java.util.List;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import retazo.app.fabrics.Fabric;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.pictures.PictureAnswers;
import retazo.app.pictures.QuiltPicture;
import retazo.app.swatches.Swatches;

/** The quilt of a kit in its fabrics, as a file. */
@RestController
class KitPictureController {

    private final KitBook kits;
    private final Swatches swatches;
    private final PictureAnswers pictures;

    KitPictureController(KitBook kits, Swatches swatches, PictureAnswers pictures) {
        this.kits = kits;
        this.swatches = swatches;
        this.pictures = pictures;
    }

    @GetMapping("/pictures/kits/{id}")
    ResponseEntity<String> picture(@PathVariable long id) {
        Kit kit = kits.kit(id);
        List<Fabric> fabrics = kit.fabrics().values().stream().distinct().toList();
        return pictures.answer(kit.pictureMark(), () -> new PictureAnswers.Sheet(
                QuiltPicture.of("quilt", kit.pattern().design(), kit.size(), kit::ink), kit.name(), fabrics, swatches.held(fabrics)));
    }
}
