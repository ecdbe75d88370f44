package retazo.app.patterns.rows;

import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import retazo.app.shared.Typed;
import retazo.core.quilt.setting.Use;

/** A use as forms carry it: {@code blocks}, {@code border 2}, {@code binding}. */
public final class UseText {

    private UseText() {
    }

    public static String write(Use use) {
        String place = use.place().name().toLowerCase(Locale.ROOT);
        return use.number() > 0 ? place + " " + use.number() : place;
    }

    /** The chosen use, or what the name of the row says where none was chosen. */
    public static Use read(@Nullable String chosen, @Nullable String name) {
        return Optional.of(Typed.text(chosen)).filter(text -> !text.isEmpty()).map(Use::named).orElseGet(() -> Use.named(Typed.text(name)));
    }
}
