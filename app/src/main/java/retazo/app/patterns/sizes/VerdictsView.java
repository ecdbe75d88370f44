package retazo.app.patterns.sizes;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import retazo.app.shared.FractionText;
import retazo.app.shared.LengthView;
import retazo.app.shared.Words;
import retazo.core.block.shape.FinishedSize;
import retazo.core.cloth.ShopPractice;
import retazo.core.explain.Label;
import retazo.core.measure.Length;
import retazo.core.precut.SheetPlans;
import retazo.core.quilt.design.QuiltDesign;
import retazo.core.quilt.piece.CutList;
import retazo.core.quilt.size.PrintedAmount;
import retazo.core.quilt.size.QuiltSize;
import retazo.core.quilt.size.SizeKey;
import retazo.core.verdict.CountVerdict;
import retazo.core.verdict.Judgement;
import retazo.core.verdict.LengthVerdict;
import retazo.core.verdict.OtherHabits;
import retazo.core.verdict.PrecutVerdict;
import retazo.core.verdict.PrintedCounts;
import retazo.core.verdict.PrintedPrecuts;
import retazo.core.verdict.PrintedSizes;
import retazo.core.verdict.SizeVerdict;

/** What is said of everything that a pattern's paper prints, those figures first that do not agree. */
record VerdictsView(List<JudgedFigure> lines, int agreeing) {

    /**
     * A printed figure.
     *
     * @param what    role or piece, in words
     * @param tone    {@code done}, {@code warn} or {@code stop}
     * @param verdict agrees, generous, too little, impossible
     * @param reading under which it is right, or that none was found
     * @param step    where that first differs
     */
    record JudgedFigure(
            String size, String what, FractionText printed, FractionText workedOut, String tone, FractionText verdict, FractionText reading,
            FractionText step) {
    }

    static VerdictsView of(QuiltDesign design, List<LengthVerdict> lengths, SheetPlans plans, ShopPractice practice, Words words) {
        Writer writer = new Writer(design, practice, words);
        List<JudgedFigure> lines = new ArrayList<>();
        List<SizeVerdict> sizes = PrintedSizes.judge(design, practice);
        sizes.stream().filter(verdict -> verdict.judgement() != Judgement.AGREES).map(writer::size).forEach(lines::add);
        lengths.stream().filter(verdict -> verdict.judgement() != Judgement.AGREES).map(writer::length).forEach(lines::add);
        List<CountVerdict> counts = PrintedCounts.judge(design, practice);
        counts.stream().filter(verdict -> verdict.judgement() != Judgement.AGREES).map(writer::count).forEach(lines::add);
        List<PrecutVerdict> precuts = PrintedPrecuts.judge(design, practice, plans);
        precuts.stream().filter(verdict -> verdict.judgement() != Judgement.AGREES).map(writer::precut).forEach(lines::add);
        long all = lengths.size() + counts.size() + sizes.size() + precuts.size();
        return new VerdictsView(lines, (int) (all - lines.size()));
    }

    /** A verdict in a few words: {@code too little by 1/4 yd}. */
    static FractionText brief(LengthVerdict verdict, ShopPractice practice, Words words) {
        return FractionText.of(words.text(
                "verdict." + verdict.judgement(), LengthView.of(verdict.difference(), practice.sellingUnit()).plain()));
    }

    private static final Set<String> SOLD = Set.of("reading.parts", "reading.margin", "reading.step", "reading.nearest");

    /** Writes one verdict as a line. */
    private record Writer(QuiltDesign design, ShopPractice practice, Words words) {

        private String name(SizeKey key) {
            return design.sizes().stream().filter(size -> size.key().equals(key)).map(QuiltSize::name).findFirst().orElse("");
        }

        private static String tone(Judgement judgement) {
            return switch (judgement) {
                case AGREES -> "done";
                case GENEROUS -> "warn";
                case TOO_LITTLE, IMPOSSIBLE -> "stop";
            };
        }

        private FractionText reading(Optional<OtherHabits> reading) {
            return FractionText.of(reading
                    .map(found -> words.text("reading.right", found.habits().stream().map(this::of).collect(Collectors.joining(", "))))
                    .orElseGet(() -> words.text("reading.none")));
        }

        /** Lengths that are sold stand in the unit in which they are sold, all else in inches. */
        private String of(Label label) {
            return words.text(label.code(), label.arguments().stream()
                    .map(argument -> argument instanceof Length length && SOLD.contains(label.code()) ? selling(length) : written(argument))
                    .toArray());
        }

        private String selling(Length length) {
            return LengthView.of(length, practice.sellingUnit()).plain();
        }

        JudgedFigure length(LengthVerdict verdict) {
            return new JudgedFigure(
                    name(verdict.size()), design.role(verdict.role()).letter() + " " + design.role(verdict.role()).name(),
                    FractionText.of(selling(verdict.printed())), FractionText.of(selling(verdict.workedOut())), tone(verdict.judgement()),
                    brief(verdict, practice, words), reading(verdict.reading()),
                    FractionText.of(verdict.firstStep().map(this::step).orElse("")));
        }

        private String step(Label step) {
            List<Object> arguments = new ArrayList<>(step.arguments());
            if (step.code().equals("step.strips") || step.code().equals("step.left-out")) {
                String label = String.valueOf(arguments.get(2));
                String use = words.text("use." + arguments.get(0), arguments.get(1));
                arguments.set(2, label.isEmpty() ? use : label);
            }
            return words.text(step.code(), arguments.stream().map(this::written).toArray());
        }

        private Object written(Object argument) {
            return argument instanceof Length length ? LengthView.cut(length).plain() : argument;
        }

        JudgedFigure size(SizeVerdict verdict) {
            return new JudgedFigure(
                    name(verdict.size()), words.text("verdict.finishedSize"), sides(verdict.printed()), sides(verdict.workedOut()),
                    tone(verdict.judgement()), FractionText.of(words.text("verdict.size." + verdict.judgement())),
                    reading(verdict.reading()), FractionText.of(""));
        }

        private static FractionText sides(FinishedSize size) {
            return FractionText
                    .of(LengthView.sides(size.width(), size.height()));
        }

        JudgedFigure precut(PrecutVerdict verdict) {
            PrintedAmount.Precuts printed = verdict.printed();
            long apart = Math.abs(printed.count() - verdict.workedOut().value());
            return new JudgedFigure(
                    name(verdict.size()), design.role(verdict.role()).letter() + " " + design.role(verdict.role()).name(),
                    FractionText.of(printed.text()),
                    FractionText.of(new PrintedAmount.Precuts(
                            printed.kind(), printed.packs(), Math.toIntExact(Math.max(1, verdict.workedOut().value()))).text()),
                    tone(verdict.judgement()), FractionText.of(words.text("verdict." + verdict.judgement(), apart)),
                    reading(verdict.reading()), FractionText.of(""));
        }

        JudgedFigure count(CountVerdict verdict) {
            CutList.Line line = design.cutList().orElseThrow().lines().get(verdict.line());
            long apart = Math.abs(verdict.printed().value() - verdict.workedOut().value());
            return new JudgedFigure(
                    name(verdict.size()),
                    words.text("verdict.line", verdict.line() + 1, design.role(line.role()).letter(), line.form().text()),
                    FractionText.of(verdict.printed().toString()), FractionText.of(verdict.workedOut().toString()),
                    tone(verdict.judgement()),
                    FractionText
                            .of(words.text(verdict.piece().isEmpty() ? "verdict.noSuchPiece" : "verdict." + verdict.judgement(), apart)),
                    reading(verdict.reading()), FractionText.of(""));
        }
    }
}
