package retazo.app.patterns.library;

import java.util.List;
import java.util.Map;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import retazo.app.patterns.PatternHead;
import retazo.app.patterns.PatternService;
import retazo.app.patterns.PatternVersion;
import retazo.app.pictures.PictureAnswers;
import retazo.app.pictures.QuiltPicture;
import retazo.core.quilt.design.QuiltDesign;

/** The first size of a pattern in the tints of its roles, as a file. */
@RestController
class PatternPictureController {

    private final PatternService patterns;
    private final PictureAnswers pictures;

    PatternPictureController(PatternService patterns, PictureAnswers pictures) {
        this.patterns = patterns;
        this.pictures = pictures;
    }

    @GetMapping("/pictures/patterns/{id}")
    ResponseEntity<String> picture(@PathVariable long id) {
        PatternVersion pattern = patterns.newestOf(id);
        QuiltDesign design = pattern.design();
        return pictures.answer(PictureAnswers.mark("pattern", pattern.id()), () -> new PictureAnswers.Sheet(
                QuiltPicture.of("quilt", design, design.sizes().get(0), PatternHead.inks(design)), pattern.name(), List.of(), Map.of()));
    }
}
