package retazo.core.block.unit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import retazo.core.block.shape.Point;
import retazo.core.block.spec.Corner;
import retazo.core.block.spec.UnitKind;
import retazo.core.block.spec.UnitMethod;
import retazo.core.block.spec.UnitPart;
import retazo.core.block.spec.UnitSpec;
import retazo.core.cloth.RoleKey;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.Reading;

/** Makes units of what is typed or kept: how many parts each kind has, and what their sizes mean. */
public final class UnitReader {

    private static final Pattern PER_STRIP = Pattern.compile("([1-9][0-9]{0,2})-per-strip");

    private UnitReader() {
    }

    public static Reading<Unit> read(UnitSpec spec) {
        if (!spec.kind().methods().contains(spec.method())) {
            return no("unit.method", spec.kind().code(), spec.method().code());
        }
        List<RoleKey> roles = spec.roles();
        return switch (spec.kind()) {
            case PATCH -> plain(spec, 1, () -> new Patch(roles.get(0)));
            case HALF_SQUARE -> plain(spec, 2, () -> new HalfSquare(roles.get(0), roles.get(1), spec.method()));
            case HOURGLASS -> plain(spec, 2, () -> new Hourglass(roles.get(0), roles.get(1), spec.method()));
            case THREE_PATCH -> plain(spec, 3, () -> new ThreePatch(roles.get(0), roles.get(1), roles.get(2)));
            case GEESE -> plain(spec, 2, () -> new Geese(roles.get(0), roles.get(1), spec.method()));
            case SQUARE_IN_SQUARE -> plain(spec, 2, () -> new SquareInSquare(roles.get(0), roles.get(1)));
            case FOUR_PATCH -> plain(spec, 4, () -> new PatchGrid(UnitKind.FOUR_PATCH, spec.method(), roles));
            case NINE_PATCH -> plain(spec, 9, () -> new PatchGrid(UnitKind.NINE_PATCH, spec.method(), roles));
            case HALF_RECTANGLE -> plain(spec, 2, () -> new HalfRectangle(roles.get(0), roles.get(1)));
            case RING -> ring(spec);
            case CLIPPED -> clipped(spec);
            case STRIP_SET -> stripSet(spec);
            case WEDGE -> wedge(spec);
            case SLASHED -> slashed(spec);
            case TEMPLATES -> templates(spec);
        };
    }

    private static Reading<Unit> yes(Unit unit) {
        return Reading.of(unit);
    }

    private static Reading<Unit> no(String code, Object... arguments) {
        return Reading.fault(code, arguments);
    }

    private static Reading<Unit> plain(UnitSpec spec, int parts, java.util.function.Supplier<Unit> unit) {
        if (spec.parts().size() != parts) {
            return no("unit.parts", spec.kind().code(), parts, spec.parts().size());
        }
        return spec.arePartsPlain() ? yes(unit.get()) : no("unit.sizes-not-wanted", spec.kind().code());
    }

    private static Reading<Unit> ring(UnitSpec spec) {
        int wedges = spec.parts().size() - 1;
        if (wedges != 1 && wedges != 2 && wedges != 4 && wedges != 8) {
            return no("unit.ring-parts", spec.parts().size());
        }
        return spec.arePartsPlain()
                ? yes(new Ring(spec.roles().subList(0, wedges), spec.roles().get(wedges), spec.method() == UnitMethod.BLUNT))
                : no("unit.sizes-not-wanted", spec.kind().code());
    }

    private static Reading<Unit> clipped(UnitSpec spec) {
        if (spec.parts().size() < 2 || spec.parts().size() > 5 || !spec.parts().get(0).isPlain()) {
            return no("unit.clipped-parts");
        }
        List<Clipped.Clip> clips = new ArrayList<>();
        for (UnitPart part : spec.parts().subList(1, spec.parts().size())) {
            Optional<Corner> corner = Corner.ofCode(part.place());
            if (corner.isEmpty() || part.sizes().size() != 1) {
                return no("unit.clipped-parts");
            }
            clips.add(new Clipped.Clip(corner.get(), part.role(), part.sizes().get(0)));
        }
        return yes(new Clipped(spec.parts().get(0).role(), clips));
    }

    private static Reading<Unit> stripSet(UnitSpec spec) {
        boolean widths = spec.parts().stream()
                .allMatch(part -> part.place().isEmpty() && part.sizes().size() == 1 && part.sizes().get(0).isPositive());
        if (!widths || spec.parts().size() < 2 || spec.parts().size() > StripSet.MOST_STRIPS) {
            return no("unit.strip-set-parts", StripSet.MOST_STRIPS);
        }
        return yes(new StripSet(spec.parts().stream().map(part -> new StripSet.Strip(part.role(), part.sizes().get(0))).toList()));
    }

    private static Reading<Unit> wedge(UnitSpec spec) {
        if (spec.parts().size() != 2 || !spec.parts().get(1).isPlain()
                || !spec.parts().get(0).place().isEmpty() || spec.parts().get(0).sizes().size() > 1) {
            return no("unit.wedge-parts");
        }
        Length top = spec.parts().get(0).sizes().stream().findFirst().orElse(Length.ZERO);
        return yes(new Wedge(spec.parts().get(0).role(), top, spec.parts().get(1).role()));
    }

    private static Reading<Unit> slashed(UnitSpec spec) {
        UnitPart first = spec.parts().get(0);
        boolean restPlain = spec.parts().stream().skip(1).allMatch(UnitPart::isPlain);
        if (spec.parts().size() < 2 || spec.parts().size() > Slashed.MOST_PARTS || !restPlain
                || !first.place().isEmpty() || first.sizes().size() != 1) {
            return no("unit.slashed-parts", Slashed.MOST_PARTS);
        }
        return yes(new Slashed(spec.roles(), first.sizes().get(0)));
    }

    private static Reading<Unit> templates(UnitSpec spec) {
        if (spec.parts().size() > Templates.MOST_SHAPES) {
            return no("unit.template-parts", Templates.MOST_SHAPES, Templates.MOST_CORNERS);
        }
        List<Templates.Shape> shapes = new ArrayList<>();
        for (UnitPart part : spec.parts()) {
            Matcher perStrip = PER_STRIP.matcher(part.place());
            boolean measured = perStrip.matches();
            int skip = measured ? 1 : 0;
            int numbers = part.sizes().size() - skip;
            if (!measured && !part.place().isEmpty() || numbers < 6 || numbers % 2 != 0 || numbers > 2 * Templates.MOST_CORNERS
                    || measured && !part.sizes().get(0).isPositive()) {
                return no("unit.template-parts", Templates.MOST_SHAPES, Templates.MOST_CORNERS);
            }
            List<Point> outline = new ArrayList<>();
            for (int i = skip; i < part.sizes().size(); i += 2) {
                outline.add(new Point(part.sizes().get(i), part.sizes().get(i + 1)));
            }
            shapes.add(new Templates.Shape(part.role(), outline, measured
                    ? Optional.of(new Templates.Measured(part.sizes().get(0), new Count(Long.parseLong(perStrip.group(1)))))
                    : Optional.empty()));
        }
        return yes(new Templates(shapes));
    }
}
