package retazo.app.stocktake;

import java.util.ArrayList;
import java.util.List;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import retazo.app.labels.FloorPaper;
import retazo.app.labels.LabelAnswers;
import retazo.app.shared.Paging;
import retazo.app.shared.Words;

/** The count sheet of a stocktake on paper, with a line to write on for each thing. */
@Controller
class StocktakePaperController {

    private final Stocktakes takes;
    private final StocktakePages pages;
    private final LabelAnswers answers;
    private final Words words;

    StocktakePaperController(Stocktakes takes, StocktakePages pages, LabelAnswers answers, Words words) {
        this.takes = takes;
        this.pages = pages;
        this.answers = answers;
        this.words = words;
    }

    @GetMapping("/stock/stocktake/{id:\\d+}/sheet")
    ResponseEntity<byte[]> sheet(@PathVariable long id) {
        StocktakeEntity take = takes.take(id);
        List<FloorPaper.Part> parts = new ArrayList<>();
        for (StocktakePages.PlaceView place : pages.take(take).places()) {
            String name = place.place().isEmpty() ? words.text("cutting.list.no-place-noted") : place.place();
            Paging.each(page -> pages.linesAt(take, place.place(), page), some -> {
                if (some.hasContent()) {
                    parts.add(new FloorPaper.Part(name, some.map(StocktakePaperController::line).getContent()));
                }
            });
        }
        return answers.answer(
                new FloorPaper("", words.text("stocktake.sheet"), words.text("stocktake.number", id), parts), "stocktake-" + id);
    }

    /** What the book says is on it only where who counts may see it. */
    private static FloorPaper.Line line(StocktakePages.LineView line) {
        return new FloorPaper.Line(line.isDone(), line.lead(), line.what(), "__________",
                line.book() == null ? "" : line.book().plain());
    }
}
