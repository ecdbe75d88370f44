package retazo.app.pictures;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Collection;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.http.CacheControl;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.Context;
import org.thymeleaf.spring6.SpringTemplateEngine;

/**
 * Drawn quilts as files of their own, for lists: a browser keeps them, and asks again only under another mark, which stands for all that a
 * picture shows. What was drawn last is kept here too.
 */
@Component
public class PictureAnswers {

    private static final MediaType SVG = MediaType.valueOf("image/svg+xml;charset=utf-8");
    private static final long MOST_LETTERS = 16_000_000;
    private static final CacheControl KEPT = CacheControl.maxAge(Duration.ofDays(7)).cachePrivate();

    private final SpringTemplateEngine templates;
    private final Cache<String, String> drawn = Caffeine.newBuilder().maximumWeight(MOST_LETTERS)
            .weigher((String mark, String picture) -> picture.length()).build();

    PictureAnswers(SpringTemplateEngine templates) {
        this.templates = templates;
    }

    /**
     * A picture and what it is drawn with.
     *
     * @param prints the fabrics whose repeats it shows
     * @param tiles  addresses that hold the pieces of their photographs, by code: a picture in a file can ask for no other file
     */
    public record Sheet(QuiltPicture picture, String title, Collection<?> prints, Map<String, String> tiles) {
    }

    /** A short text that stands for everything that a picture shows. */
    public static String mark(Object... shown) {
        return UUID.nameUUIDFromBytes(java.util.Arrays.deepToString(shown).getBytes(StandardCharsets.UTF_8)).toString();
    }

    /** The picture of this mark, drawn if it is not kept any more. */
    public ResponseEntity<String> answer(String mark, Supplier<Sheet> sheet) {
        String svg = drawn.get(mark, missing -> draw(sheet.get()));
        return ResponseEntity.ok().contentType(SVG).cacheControl(KEPT).eTag(mark).body(svg);
    }

    private String draw(Sheet sheet) {
        return templates.process("pictures/quilt", new Context(
                Locale.ENGLISH,
                Map.of("picture", sheet.picture(), "title", sheet.title(), "prints", sheet.prints(), "tiles", sheet.tiles())));
    }
}
