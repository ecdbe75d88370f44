package retazo.app.patterns.library;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import retazo.app.patterns.file.PatternFileWriter;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Words;
import retazo.core.cloth.Role;
import retazo.core.cloth.RoleWish;
import retazo.core.measure.Problem;
import retazo.core.quilt.design.QuiltDesign;

/** Wishes of a role as forms carry them, {@code feature, contrast B}, and as pages say them. */
final class WishText {

    private WishText() {
    }

    static String write(List<RoleWish> wishes, QuiltDesign design) {
        return wishes.stream()
                .map(wish -> PatternFileWriter.code(wish.kind()) + wish.other().map(other -> " " + design.role(other).letter()).orElse(""))
                .collect(Collectors.joining(", "));
    }

    static String words(List<RoleWish> wishes, QuiltDesign design, Words words) {
        return wishes.stream()
                .map(wish -> words.text("wish." + wish.kind(), wish.other().map(other -> design.role(other).letter()).orElse("")))
                .collect(Collectors.joining(", "));
    }

    static List<RoleWish> read(String field, String typed, List<Role> roles, FieldReader reader) {
        List<RoleWish> wishes = new ArrayList<>();
        for (String text : typed.isBlank() ? new String[0] : typed.split(",")) {
            String[] words = text.strip().split("\\s+");
            Optional<RoleWish.Kind> kind = Stream.of(RoleWish.Kind.values())
                    .filter(possible -> PatternFileWriter.code(possible).equals(words[0]))
                    .findFirst();
            Optional<Role> other = roles.stream().filter(role -> words.length == 2 && role.letter().equalsIgnoreCase(words[1])).findFirst();
            boolean contrast = kind.filter(found -> found == RoleWish.Kind.CONTRAST).isPresent();
            if (kind.isEmpty() || contrast != other.isPresent() || words.length > (contrast ? 2 : 1)) {
                reader.add(Problem.at(field, "role.wish", text.strip().length() > 40 ? text.strip().substring(0, 40) : text.strip()));
            } else {
                wishes.add(new RoleWish(kind.get(), other.map(Role::key)));
            }
        }
        return wishes;
    }
}
