package retazo.app.kits;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import retazo.app.fabrics.Fabric;
import retazo.app.patterns.FigureView;
import retazo.app.patterns.Ink;
import retazo.app.patterns.QuiltPicture;
import retazo.app.patterns.RoleView;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.bolt.KitsPossible;
import retazo.core.explain.Figure;
import retazo.core.kit.Need;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;

/**
 * A kit as its page shows it.
 *
 * @param possible how many bags can be made now
 * @param stops    what stops the next one, in words
 * @param problems why it cannot be made at all by the practice of now
 * @param opened   the arithmetic of the figure asked for, of the first length where none is
 */
record KitPage(
        Kit kit,
        QuiltPicture picture,
        LengthView width,
        LengthView height,
        List<Line> bill,
        long possible,
        String stops,
        long onShelf,
        List<String> problems,
        Optional<FigureView> opened) {

    /** A letter of a role drawn in its fabric. */
    record Letter(String letter, Ink ink) {
    }

    /**
     * A line of the bill.
     *
     * @param cuts  how many bags its bolts give
     * @param stops whether it is one that stops the next bag
     */
    record Line(
            Fabric fabric, List<Letter> letters, String uses, LengthView exact, LengthView length, String figure, long cuts, boolean stops) {
    }

    static KitPage of(KitWork work, KitsPossible possible, long onShelf, LengthUnit unit, Optional<String> open, Words words) {
        Kit kit = work.kit();
        Map<Fabric, List<String>> letters = kit.lettersByFabric();
        List<Line> bill = work.needs().byFabric().entrySet().stream()
                .map(entry -> {
                    Fabric fabric = letters.keySet().stream().filter(f -> f.code().equals(entry.getKey())).findFirst().orElseThrow();
                    return line(fabric, letters.get(fabric), entry.getValue(), possible, unit, words);
                })
                .toList();
        List<String> stopping = bill.stream().filter(Line::stops).map(line -> line.fabric().name()).toList();
        return new KitPage(
                kit,
                QuiltPicture.of("quilt", kit.pattern().design(), kit.size(), kit::ink),
                LengthView.inches(work.plan().finishedWidth().value()),
                LengthView.inches(work.plan().finishedHeight().value()),
                bill,
                possible.bags().value(),
                String.join(" and ", stopping),
                onShelf,
                work.problems().stream().map(words::of).toList(),
                find(work, open.orElse(bill.isEmpty() ? "" : bill.get(0).figure())).map(figure -> FigureView.of(figure, words, unit)));
    }

    private static Line line(
            Fabric fabric, List<String> letters, Need need, KitsPossible possible, LengthUnit unit, Words words) {
        return need.amount().match(cloth -> {
            Length exact = cloth.plan().exact().value();
            return new Line(
                    fabric,
                    letters.stream().map(letter -> new Letter(letter, Kit.ink(fabric))).toList(),
                    RoleView.uses(need.uses(), words),
                    LengthView.inches(exact),
                    LengthView.of(cloth.sell().value(), unit),
                    cloth.sell().key(),
                    possible.cutsByFabric().getOrDefault(fabric.code(), new Count(0)).value(),
                    possible.stoppedBy().contains(fabric.code()));
        });
    }

    private static Optional<Figure<?>> find(KitWork work, String key) {
        return work.needs().byFabric().values().stream()
                .flatMap(need -> need.amount().<Stream<Figure<?>>>match(cloth -> Stream.of(cloth.sell())))
                .filter(figure -> figure.key().equals(key))
                .findFirst();
    }
}
