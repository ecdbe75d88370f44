package retazo.app.swatches;

import java.time.Duration;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RestController;
import retazo.app.fabrics.FabricService;
import retazo.app.fabrics.Tile;

/** The pieces of photographs that drawings repeat, as files that a browser keeps: another picture has another address. */
@RestController
class TileController {

    private static final CacheControl KEPT = CacheControl.maxAge(Duration.ofDays(365)).cachePrivate().immutable();

    private final Swatches swatches;
    private final FabricService fabrics;

    TileController(Swatches swatches, FabricService fabrics) {
        this.swatches = swatches;
        this.fabrics = fabrics;
    }

    @GetMapping("/pictures/cloth/{fabric}/{mark}")
    ResponseEntity<byte[]> tile(@PathVariable long fabric, @PathVariable String mark) {
        boolean asked = fabrics.fabric(fabric).tile().map(Tile::mark).filter(mark::equals).isPresent();
        return ResponseEntity.ok().contentType(MediaType.IMAGE_JPEG).cacheControl(asked ? KEPT : CacheControl.noStore())
                .body(swatches.tileFile(fabric));
    }
}
