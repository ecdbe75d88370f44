package retazo.app.colours;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.app.stock.Bolt;
import retazo.app.stock.StockService;
import retazo.core.colouring.Tray;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;

/** The fabrics that lie beside the quilt to be tried: those of which most is there, or those that are looked for. */
@Component
class TrayPages {

    static final int SHOWN = 60;

    private final FabricService fabrics;
    private final StockService stock;
    private final Words words;

    TrayPages(FabricService fabrics, StockService stock, Words words) {
        this.fabrics = fabrics;
        this.stock = stock;
        this.words = words;
    }

    /** In which order they lie. */
    enum Order {
        COLOURS,
        VALUE,
        LENGTH,
        RANGE,
        PLACE;

        static Order of(String word) {
            return Arrays.stream(values()).filter(order -> order.name().equalsIgnoreCase(word)).findFirst().orElse(COLOURS);
        }
    }

    /**
     * A fabric of it.
     *
     * @param free   of all its bolts
     * @param value  0 for black to 100 for white
     * @param places where its bolts stand, in words; or empty
     */
    record Swatch(Fabric fabric, Length free, LengthView freeView, int value, String places) {
    }

    /**
     * The tray.
     *
     * @param rows   by value from light to dark, in each row by hue from warm to cool, in each place some; empty in other orders
     * @param others in one line after the other, where it does not lie by colour
     */
    record Page(List<List<List<Swatch>>> rows, List<Swatch> others, List<Fabric> prints) {

        public boolean isEmpty() {
            return prints.isEmpty();
        }
    }

    /** The fabrics that words name, or the one of a bolt whose number they are; without words those of which most is there first. */
    @Transactional(readOnly = true)
    List<Fabric> fabrics(String search, int most) {
        if (!search.isBlank()) {
            return stock.boltByCode(search.strip()).map(bolt -> List.of(fabrics.fabric(bolt.fabricId())))
                    .orElseGet(() -> fabrics.first(search, most));
        }
        List<Long> ids = stock.fabricsWithFree(new Length(1), most);
        Map<Long, Fabric> byId = fabrics.byIds(ids);
        return ids.stream().map(byId::get).map(Objects::requireNonNull).toList();
    }

    @Transactional(readOnly = true)
    Page page(String search, String order) {
        List<Fabric> found = fabrics(search, SHOWN);
        Map<Long, List<Bolt>> bolts = stock.boltsOf(found.stream().map(Fabric::id).toList()).stream()
                .collect(Collectors.groupingBy(Bolt::fabricId));
        LengthUnit unit = words.sellingUnit();
        List<Swatch> swatches = found.stream().map(fabric -> swatch(fabric, bolts.getOrDefault(fabric.id(), List.of()), unit)).toList();
        Order wished = Order.of(order);
        return new Page(
                wished == Order.COLOURS ? laid(swatches) : List.of(),
                wished == Order.COLOURS ? List.of() : swatches.stream().sorted(by(wished)).toList(), found);
    }

    private Swatch swatch(Fabric fabric, List<Bolt> bolts, LengthUnit unit) {
        Length free = bolts.stream().map(Bolt::free).reduce(Length.ZERO, Length::plus);
        String places = bolts.stream().filter(bolt -> bolt.free().isPositive()).map(Bolt::place).filter(place -> !place.isEmpty())
                .distinct().sorted().collect(Collectors.joining("; "));
        return new Swatch(
                fabric, free, LengthView.onHand(free, unit), fabric.look().value(),
                places.isEmpty() ? "" : words.text("colours.at", places));
    }

    private static Comparator<Swatch> by(Order order) {
        Comparator<Swatch> wished = switch (order) {
            case COLOURS, VALUE -> Comparator.comparing(Swatch::value).reversed();
            case LENGTH -> Comparator.comparing(Swatch::free).reversed();
            case RANGE -> Comparator.comparing(swatch -> swatch.fabric().origin().range());
            case PLACE -> Comparator.comparing(Swatch::places);
        };
        return wished.thenComparing(swatch -> swatch.fabric().name());
    }

    private static List<List<List<Swatch>>> laid(List<Swatch> swatches) {
        List<List<List<Swatch>>> rows = new ArrayList<>();
        for (int row = 0; row < Tray.ROWS; row++) {
            List<List<Swatch>> cells = new ArrayList<>();
            for (int column = 0; column <= Tray.HUES; column++) {
                Tray place = new Tray(column, row);
                cells.add(swatches.stream().filter(swatch -> Tray.of(swatch.fabric().groundColour()).equals(place)).toList());
            }
            rows.add(cells);
        }
        return rows;
    }
}
