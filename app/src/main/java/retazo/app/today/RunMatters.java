package retazo.app.today;

import static java.util.Objects.requireNonNull;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import retazo.app.fabrics.Fabric;
import retazo.app.fabrics.FabricService;
import retazo.app.runs.book.Bag;
import retazo.app.runs.book.Run;
import retazo.app.runs.book.RunState;
import retazo.app.runs.progress.BagBar;
import retazo.app.runs.progress.RunProgress;
import retazo.app.runs.progress.RunTitles;
import retazo.app.shared.LengthView;
import retazo.app.shared.ShopUnit;
import retazo.app.shared.Words;
import retazo.app.staff.Right;
import retazo.core.measure.Length;
import retazo.core.measure.LengthUnit;

/** What waits of runs: what stops them, pieces to be cut, drafts. */
@Component
@Order(1)
class RunMatters implements Matters {

    private final RunProgress progress;
    private final RunTitles titles;
    private final FabricService fabrics;
    private final ShopUnit unit;
    private final Words words;

    RunMatters(RunProgress progress, RunTitles titles, FabricService fabrics, ShopUnit unit, Words words) {
        this.progress = progress;
        this.titles = titles;
        this.fabrics = fabrics;
        this.unit = unit;
        this.words = words;
    }

    @Override
    public Set<Right> rights() {
        return Set.of(Right.RUNS, Right.CUTTING);
    }

    @Override
    public List<Matter> matters(UnderWay underWay) {
        List<Run> all = underWay.runs();
        Map<Long, RunTitles.RunTitle> askedFor = titles.of(all);
        WaitedFor waited = waitedFor(underWay.allBags());
        Map<Long, RunProgress.Bags> far = progress.bags(underWay.ids());
        Map<Long, List<Run.Asked>> open = progress.open(underWay.ids());
        List<Matter> matters = new ArrayList<>();
        for (Run run : all) {
            List<Matter> ofRun = new ArrayList<>();
            addMatters(
                    run, requireNonNull(askedFor.get(run.id())).asked(), underWay.bagsOf(run.id()), waited, ofRun);
            int asked = open.getOrDefault(run.id(), List.of()).stream().mapToInt(Run.Asked::quantity).sum();
            ofRun.forEach(matter -> matters.add(far.containsKey(run.id())
                    ? matter.with(BagBar.of(requireNonNull(far.get(run.id())), asked))
                    : matter));
        }
        return matters;
    }

    private void addMatters(Run run, String asked, List<Bag> bags, WaitedFor waited, List<Matter> matters) {
        long waits = bags.stream().filter(Bag::waits).count();
        if (waits > 0) {
            matters.add(Matter.of(
                    Matter.Urgency.STOPS, words.text("today.waits", run.id(), asked),
                    words.text("today.waits.why", waits, waited.stillNeeded(bags)),
                    "/runs/" + run.id(), words.text("today.waits.go"), Right.RUNS));
        }
        long inPieces = bags.stream().filter(bag -> bag.isOpen() && bag.piecesLeft() && bag.begun()).count();
        if (inPieces > 0) {
            matters.add(matter(Matter.Urgency.GO_ON, "pieces", run, asked, inPieces, "/cutting", Right.CUTTING));
        }
        if (run.state() == RunState.DRAFT) {
            matters.add(matter(Matter.Urgency.DECIDE, "draft", run, asked, 0, "/runs/" + run.id(), Right.RUNS));
        }
    }

    private WaitedFor waitedFor(List<Bag> bags) {
        Set<Long> ids = bags.stream().filter(Bag::waits).flatMap(bag -> bag.lines().stream()).filter(Bag.ClothLine::waits)
                .map(Bag.ClothLine::fabricId).collect(Collectors.toSet());
        return new WaitedFor(ids.isEmpty() ? Map.of() : fabrics.byIds(ids), unit.sellingUnit());
    }

    /** What bags wait for. */
    private record WaitedFor(Map<Long, Fabric> fabrics, LengthUnit selling) {

        /** The cloth that bags wait for, added up by fabric, by name: {@code 5/8 yd Gull grey}. */
        String stillNeeded(List<Bag> bags) {
            Map<Long, Length> needed = new HashMap<>();
            bags.stream().filter(Bag::waits).flatMap(bag -> bag.lines().stream()).filter(Bag.ClothLine::waits)
                    .forEach(line -> needed.merge(line.fabricId(), line.length(), Length::plus));
            return needed.keySet().stream().map(id -> requireNonNull(fabrics.get(id))).sorted(Comparator.comparing(Fabric::name))
                    .map(fabric -> LengthView.of(requireNonNull(needed.get(fabric.id())), selling).plain() + " " + fabric.name())
                    .collect(Collectors.joining(", "));
        }
    }

    private Matter matter(Matter.Urgency urgency, String kind, Run run, String asked, long count, String path, Right right) {
        return Matter.of(
                urgency, words.text("today." + kind, run.id(), asked), words.text("today." + kind + ".why", count), path,
                words.text("today." + kind + ".go"), right);
    }
}
