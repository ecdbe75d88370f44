package retazo.app.kits.pages;

import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import retazo.app.kits.Kit;
import retazo.app.kits.KitBook;
import retazo.app.pictures.PictureAnswers;
import retazo.app.pictures.QuiltPicture;

/** The quilt of a kit in its fabrics, as a file. */
@RestController
class KitPictureController {

    private final KitBook kits;
    private final PictureAnswers pictures;

    KitPictureController(KitBook kits, PictureAnswers pictures) {
        this.kits = kits;
        this.pictures = pictures;
    }

    @GetMapping("/pictures/kits/{id}")
    ResponseEntity<String> picture(@PathVariable long id) {
        Kit kit = kits.kit(id);
        return pictures.answer(kit.pictureMark(), () -> new PictureAnswers.Sheet(
                QuiltPicture.of("quilt", kit.pattern().design(), kit.size(), kit::ink), kit.name(),
                kit.fabrics().values().stream().distinct().toList()));
    }
}
