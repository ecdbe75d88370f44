package retazo.core.quilt.finish;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import retazo.core.cloth.BackingSeams;
import retazo.core.cloth.PrintKind;
import retazo.core.cloth.RoleKey;
import retazo.core.cloth.ShopPractice;
import retazo.core.explain.Arithmetic;
import retazo.core.explain.Figure;
import retazo.core.explain.Label;
import retazo.core.explain.Operation;
import retazo.core.explain.Origin;
import retazo.core.measure.Count;
import retazo.core.measure.Length;
import retazo.core.quilt.setting.LayoutRequest;
import retazo.core.quilt.setting.TopSize;

/**
 * The back of a quilt, larger than the quilt on every side; or the backs of several equal ones.
 *
 * @param key    stable start of the keys of its figures
 * @param width  with the overage on both sides
 * @param height with the overage on both sides
 * @param copies how many of them
 * @param chosen which way its seams are to run, where its print leaves that free
 */
public record BackingSheet(
        String key, RoleKey role, Figure<Length> width, Figure<Length> height, Figure<Length> seam, Figure<Count> copies,
        BackingSeams chosen) {

    /** Which way the seams between panels run. */
    public enum Seams {
        VERTICAL,
        HORIZONTAL
    }

    /**
     * Full panels side by side.
     *
     * @param panels      of one back; 1 means no seam
     * @param panelLength cut length of each along the cloth
     * @param length      of all panels of all copies
     */
    public record Panels(Seams seams, Figure<Count> panels, Figure<Length> panelLength, Figure<Length> length) {

        /** Whether the back needs no seam. */
        public boolean isWhole() {
            return panels.value().equals(Count.ONE);
        }
    }

    /** The customary widths of wide backing fabrics. */
    public static final List<Length> WIDE_WIDTHS = List.of(Length.ofInches(60), Length.ofInches(90), Length.ofInches(108));

    /** The shorter way without a seam on a wide fabric of this width; empty where neither side fits. */
    public Optional<Panels> wholeOn(Length wideWidth, PrintKind print) {
        return whole(Figure.given(key + ".wideWidth", Label.of("backing.wideWidth"), wideWidth, Origin.craft("wide-backing")), print);
    }

    public static BackingSheet behind(LayoutRequest request, RoleKey role, TopSize quilt, Figure<Length> overage) {
        String key = request.key() + ".backing";
        return new BackingSheet(
                key,
                role,
                withOverage(key + ".width", "backing.width", quilt.width(), overage),
                withOverage(key + ".height", "backing.height", quilt.height(), overage),
                request.practice().seam(),
                request.ofAll("backing.copies", "backing.copies", 1), BackingSeams.FEWEST);
    }

    private static Figure<Length> withOverage(String key, String label, Figure<Length> side, Figure<Length> overage) {
        return Arithmetic.formula(key, Label.of(label), Operation.BOTH_ENDS, List.of(side, overage),
                () -> side.value().plus(overage.value().times(2)));
    }

    /** As a shop runs its seams. */
    public BackingSheet by(ShopPractice practice) {
        return new BackingSheet(key, role, width, height, seam, copies, practice.lay().backing());
    }

    /**
     * Every way on cloth of this width, vertical seams first. A print along the length only stays upright with vertical ones, a print
     * across it with level ones.
     */
    public List<Panels> ways(Figure<Length> usableWidth, PrintKind print) {
        return Stream.of(Seams.values())
                .filter(seams -> print.mayTurn() || (seams == Seams.HORIZONTAL) == print.liesAcross())
                .map(seams -> panels(seams, usableWidth))
                .toList();
    }

    /** The way that was chosen; else, or where the print forbids that, the one that takes less cloth; vertical seams on a tie. */
    public Panels taken(Figure<Length> usableWidth, PrintKind print) {
        List<Panels> ways = ways(usableWidth, print);
        Optional<Panels> wanted = ways.stream().filter(way -> way.seams().name().equals(chosen.name())).findFirst();
        return wanted.map(way -> new Panels(
                way.seams(), way.panels(), way.panelLength(), way.length().named(key + ".length", Label.of("backing.length"))))
                .orElseGet(() -> fewest(ways));
    }

    private Panels fewest(List<Panels> ways) {
        Panels shortest = ways.stream().min(Comparator.comparing(way -> way.length().value())).orElseThrow();
        Figure<Length> least = ways.size() == 1
                ? shortest.length().named(key + ".length", Label.of("backing.length"))
                : Arithmetic.least(key + ".length", Label.of("backing.length"), ways.stream().map(Panels::length).toList());
        return new Panels(shortest.seams(), shortest.panels(), shortest.panelLength(), least);
    }

    /** The shorter way without a seam, on a wide fabric; empty where neither side fits its width. */
    public Optional<Panels> whole(Figure<Length> wideWidth, PrintKind print) {
        return ways(wideWidth, print).stream().filter(Panels::isWhole).min(Comparator.comparing(way -> way.length().value()));
    }

    /**
     * Panels with their seams one way: n is the least with n·U − (n − 1)·2s at least the side across, which is
     * ⌈(side − 2s) ÷ (U − 2s)⌉; each is as long as the other side. Backs that are narrower than half the cloth lie side by side.
     */
    public Panels panels(Seams seams, Figure<Length> usableWidth) {
        String name = seams == Seams.VERTICAL ? "vertical" : "horizontal";
        Figure<Length> across = seams == Seams.VERTICAL ? width : height;
        Figure<Length> along = seams == Seams.VERTICAL ? height : width;
        Length twoSeams = seam.value().times(2);
        Figure<Count> panels = Arithmetic.formula(
                key + "." + name + ".panels",
                Label.of("backing.panels." + name),
                Operation.PANELS,
                List.of(across, seam, usableWidth),
                () -> atLeastOne(across.value().minus(twoSeams).partsToCover(usableWidth.value().minus(twoSeams))));
        return new Panels(
                seams, panels, along,
                Arithmetic.product(key + "." + name, Label.of("backing.length." + name), stretches(name, panels, across, usableWidth),
                        along));
    }

    private static Count atLeastOne(Count panels) {
        return panels.compareTo(Count.ONE) < 0 ? Count.ONE : panels;
    }

    /** How many lengths of cloth all backs take: their panels, or fewer where several lie side by side. */
    private Figure<Count> stretches(String name, Figure<Count> panels, Figure<Length> across, Figure<Length> usableWidth) {
        if (copies.value().equals(Count.ONE)) {
            return panels;
        }
        if (panels.value().compareTo(Count.ONE) > 0) {
            return Arithmetic.productOfCounts(key + "." + name + ".all", Label.of("backing.allPanels"), copies, panels);
        }
        Figure<Count> abreast = Arithmetic.formula(
                key + "." + name + ".abreast", Label.of("backing.abreast"), Operation.SIDE_BY_SIDE, List.of(usableWidth, across),
                () -> usableWidth.value().wholeTimes(across.value()));
        return Arithmetic.groups(key + "." + name + ".stretches", Label.of("backing.stretches"), copies, abreast);
    }
}
