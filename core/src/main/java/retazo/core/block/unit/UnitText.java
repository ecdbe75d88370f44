package retazo.core.block.unit;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import retazo.core.block.spec.UnitKind;
import retazo.core.block.spec.UnitMethod;
import retazo.core.block.spec.UnitPart;
import retazo.core.block.spec.UnitSpec;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Length;
import retazo.core.measure.LengthText;
import retazo.core.measure.LengthUnit;
import retazo.core.measure.Problem;
import retazo.core.measure.Reading;
import retazo.core.measure.TypedLength;

/**
 * The one line in which a unit is typed: {@code A} is a patch, {@code A/B} a half-square triangle unit two at a time whose
 * seam rises, all else is {@code kind:method part, part …}, where a part is a role's letter with a place and sizes:
 * {@code clipped A, B top-left:1 1/2}. A kind's customary method is left out.
 */
public final class UnitText {

    /** No unit's text is longer. */
    public static final int LONGEST = 2_000;

    private static final Pattern SHORT = Pattern.compile("([A-Z])(?:/([A-Z]))?");
    private static final Pattern LONG = Pattern.compile("([a-z-]+)(?::([a-z-]+))?\\s+(.+)");
    private static final Pattern PART = Pattern.compile("([A-Za-z])(?:\\s+(.+))?");
    private static final Pattern PLACE = Pattern.compile("[a-z0-9]*-[a-z-]+");

    private UnitText() {
    }

    /**
     * Reads a unit.
     *
     * @param roles the roles by their letter
     */
    public static Reading<Unit> read(String typed, Map<String, RoleKey> roles) {
        String text = typed.strip();
        Matcher shortUnit = SHORT.matcher(text.toUpperCase(Locale.ROOT));
        if (shortUnit.matches()) {
            List<String> letters = shortUnit.group(2) == null
                    ? List.of(shortUnit.group(1))
                    : List.of(shortUnit.group(1), shortUnit.group(2));
            UnitKind kind = letters.size() == 1 ? UnitKind.PATCH : UnitKind.HALF_SQUARE;
            return spec(kind, kind.customaryMethod(), letters, roles);
        }
        Matcher longUnit = LONG.matcher(text);
        Optional<UnitKind> kind = longUnit.matches() ? UnitKind.ofCode(longUnit.group(1)) : Optional.empty();
        if (kind.isEmpty() || text.length() > LONGEST) {
            return Reading.fault("cell.unreadable", text.length() > 20 ? text.substring(0, 20) + "…" : text);
        }
        Optional<UnitMethod> method = longUnit.group(2) == null
                ? Optional.of(kind.get().customaryMethod())
                : UnitMethod.ofCode(longUnit.group(2));
        return method
                .map(found -> spec(kind.get(), found, List.of(longUnit.group(3).split(",", -1)), roles))
                .orElseGet(() -> Reading.fault("unit.method", kind.get().code(), longUnit.group(2)));
    }

    private static Reading<Unit> spec(UnitKind kind, UnitMethod method, List<String> texts, Map<String, RoleKey> roles) {
        List<UnitPart> parts = new ArrayList<>();
        for (String text : texts) {
            Matcher part = PART.matcher(text.strip());
            if (!part.matches()) {
                return Reading.fault("unit.part", text.strip());
            }
            RoleKey role = roles.get(part.group(1).toUpperCase(Locale.ROOT));
            if (role == null) {
                return Reading.fault("cell.unknown-role", part.group(1));
            }
            List<String> words = part.group(2) == null ? List.of() : List.of(part.group(2).split(":"));
            boolean placed = !words.isEmpty() && PLACE.matcher(words.get(0).strip()).matches();
            List<Length> sizes = new ArrayList<>();
            for (String word : placed ? words.subList(1, words.size()) : words) {
                Optional<Length> size = LengthText.read(word, LengthUnit.INCH).understood().map(TypedLength::length);
                if (size.isEmpty()) {
                    return Reading.fault("unit.size", word.strip());
                }
                sizes.add(size.get());
            }
            parts.add(new UnitPart(role, placed ? words.get(0).strip() : "", sizes));
        }
        return UnitReader.read(new UnitSpec(kind, method, parts));
    }

    /**
     * The line that {@link #read} reads back as this unit.
     *
     * @param letters the letter of each role
     */
    public static String write(UnitSpec spec, Function<RoleKey, String> letters) {
        boolean customary = spec.method() == spec.kind().customaryMethod();
        if (customary && spec.kind() == UnitKind.PATCH || customary && spec.kind() == UnitKind.HALF_SQUARE) {
            return spec.parts().stream().map(part -> letters.apply(part.role())).collect(Collectors.joining("/"));
        }
        return spec.kind().code() + (customary ? "" : ":" + spec.method().code()) + " "
                + spec.parts().stream().map(part -> write(part, letters)).collect(Collectors.joining(", "));
    }

    private static String write(UnitPart part, Function<RoleKey, String> letters) {
        List<String> words = new ArrayList<>();
        if (!part.place().isEmpty()) {
            words.add(part.place());
        }
        part.sizes().forEach(size -> words.add(size.toString().replace(" in", "")));
        return letters.apply(part.role()) + (words.isEmpty() ? "" : " " + String.join(":", words));
    }
}
