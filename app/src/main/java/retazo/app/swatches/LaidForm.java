package retazo.app.swatches;

import java.util.Optional;
import org.jspecify.annotations.Nullable;
import retazo.app.shared.FieldReader;
import retazo.core.measure.Length;
import retazo.core.measure.LengthParts;
import retazo.core.measure.LengthUnit;

/** Where cloth lies in a photograph, as it is marked and typed. */
record LaidForm(
        @Nullable String fromX, @Nullable String fromY, @Nullable String toX, @Nullable String toY, @Nullable String apart,
        @Nullable String lies, @Nullable String cornerX, @Nullable String cornerY, @Nullable String width, @Nullable String height,
        @Nullable String whiteX, @Nullable String whiteY) {

    private static final Length LONGEST_RULER = Length.ofInches(60);
    private static final Length LARGEST_REPEAT = Length.ofInches(48);
    private static final Length USUAL_RULER = Length.ofInches(4);

    /** As it lies; before anything is marked a ruler of 4 in across two thirds of the photograph, and a repeat of 2 in in its middle. */
    static LaidForm of(Swatches.Photo photo) {
        return photo.laid().map(LaidForm::of).orElseGet(() -> {
            int y = photo.height() * 9 / 10;
            int inch = photo.width() * 2 / 3 / 4;
            return new LaidForm(
                    text(photo.width() / 6), text(y), text(photo.width() / 6 + 4 * inch), text(y), text(USUAL_RULER),
                    Laid.Lies.ACROSS.name(), text(photo.width() / 2 - inch), text(Math.max(0, photo.height() / 2 - inch)), "2 in", "2 in",
                    "",
                    "");
        });
    }

    private static LaidForm of(Laid laid) {
        return new LaidForm(
                text(laid.fromX()), text(laid.fromY()), text(laid.toX()), text(laid.toY()), text(laid.apart()), laid.lies().name(),
                text(laid.cornerX()), text(laid.cornerY()), text(laid.width()), text(laid.height()),
                laid.whiteX() == null ? "" : laid.whiteX().toString(), laid.whiteY() == null ? "" : laid.whiteY().toString());
    }

    private static String text(int dots) {
        return Integer.toString(dots);
    }

    private static String text(Length length) {
        return LengthParts.exactText(length, LengthUnit.INCH);
    }

    Optional<Laid> read(FieldReader reader, int photoWidth, int photoHeight) {
        int readFromX = reader.number("fromX", fromX, 0, photoWidth);
        int readFromY = reader.number("fromY", fromY, 0, photoHeight);
        int readToX = reader.number("toX", toX, 0, photoWidth);
        int readToY = reader.number("toY", toY, 0, photoHeight);
        Length readApart = reader.lengthAboveZero("apart", apart, LengthUnit.INCH, LONGEST_RULER);
        Optional<Laid.Lies> readLies = reader.choice("lies", lies, Laid.Lies.class);
        int readCornerX = reader.number("cornerX", cornerX, 0, photoWidth);
        int readCornerY = reader.number("cornerY", cornerY, 0, photoHeight);
        Length readWidth = reader.lengthAboveZero("width", width, LengthUnit.INCH, LARGEST_REPEAT);
        Length readHeight = reader.lengthAboveZero("height", height, LengthUnit.INCH, LARGEST_REPEAT);
        boolean white = whiteX != null && !whiteX.isBlank() && whiteY != null && !whiteY.isBlank();
        Integer readWhiteX = white ? reader.number("whiteX", whiteX, 0, photoWidth) : null;
        Integer readWhiteY = white ? reader.number("whiteY", whiteY, 0, photoHeight) : null;
        return reader.anyProblem()
                ? Optional.empty()
                : Optional.of(new Laid(
                        readFromX, readFromY, readToX, readToY, readApart, readLies.orElseThrow(), readCornerX, readCornerY, readWidth,
                        readHeight, readWhiteX, readWhiteY));
    }
}
