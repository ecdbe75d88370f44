package retazo.app.packing;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

import org.springframework.stereotype.Component;

import retazo.app.labels.FloorPaper;
import retazo.app.shared.Words;

/** The list of a bag on paper, against which it is packed. */
@Component
class BagPaper {

    private final PackingPages pages;
    private final Words words;

    BagPaper(PackingPages pages, Words words) {
        this.pages = pages;
        this.words = words;
    }

    FloorPaper of(long bagId) {
        PackingPages.BagPage page = pages.bag(bagId);
        List<FloorPaper.Part> parts = new ArrayList<>();
        add(parts, "bag.paper.lengths", page.lines().stream()
                .map(line -> new FloorPaper.Line(
                        !line.ticked().isEmpty(), letters(line.letters()), line.fabric().name(), line.length().plain(), line.from()))
                .toList());
        add(parts, "bag.paper.packets", page.packets().stream().map(this::line).toList());
        add(parts, "bag.paper.picks", page.picks().stream()
                .map(pick -> new FloorPaper.Line(
                        !pick.ticked().isEmpty(), letters(pick.letters()), pick.good().name(), Integer.toString(pick.count()), ""))
                .toList());
        return new FloorPaper(
                page.bag().code(), page.kit().name(), words.text("bag.bag-of-run", page.bag().number(), page.bag().runId()), parts);
    }

    private void add(List<FloorPaper.Part> parts, String heading, List<FloorPaper.Line> lines) {
        if (!lines.isEmpty()) {
            parts.add(new FloorPaper.Part(words.text(heading), lines));
        }
    }

    private FloorPaper.Line line(PackingPages.PacketView packet) {
        String pieces = packet.pieces().stream()
                .map(piece -> words.text("bag.paper.piece", piece.count(), piece.what(), piece.size().plain(), piece.from()))
                .collect(Collectors.joining(", "));
        return new FloorPaper.Line(
                packet.isIn(), Integer.toString(packet.number()), packet.name(), words.text("bag.paper.count", packet.toCount()), pieces);
    }

    private static String letters(List<PackingPages.Letter> letters) {
        return letters.stream().map(PackingPages.Letter::letter).collect(Collectors.joining(" "));
    }
}
