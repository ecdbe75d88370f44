package retazo.app.labels;

import java.util.List;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import retazo.app.devices.Devices;
import retazo.app.shared.Outcome;
import retazo.app.shared.Words;
import retazo.core.measure.Problem;

/** Answers with labels and papers of the floor as PDF on the paper of the shop. */
@Component
public class LabelAnswers {

    private final LabelPapers papers;
    private final Devices devices;
    private final Words words;

    LabelAnswers(LabelPapers papers, Devices devices, Words words) {
        this.papers = papers;
        this.devices = devices;
        this.words = words;
    }

    /** @param name of the file, without its ending */
    public ResponseEntity<byte[]> answer(List<Label> labels, String name) {
        return pdf(LabelPdf.of(labels, papers.paper(), words.text("labels.more")), name);
    }

    /** Prints labels at the shop's printer; refused where it has none. */
    public Outcome<String> print(List<Label> labels, String name) {
        return devices.printer()
                .map(printer -> printer.print(name, LabelPdf.of(labels, papers.paper(), words.text("labels.more"))))
                .orElseGet(() -> Outcome.refused(Problem.of("printer.none")));
    }

    /** Answers with a paper of the floor: on the sheet of the labels, or on letter paper where those come from a roll. */
    public ResponseEntity<byte[]> answer(FloorPaper paper, String name) {
        LabelPaper.Kind sheet = papers.paper().kind() == LabelPaper.Kind.A4 ? LabelPaper.Kind.A4 : LabelPaper.Kind.LETTER;
        return pdf(FloorPdf.of(paper, sheet, (page, title) -> words.text("paper.foot", title, page)), name);
    }

    private static ResponseEntity<byte[]> pdf(byte[] file, String name) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(HttpHeaders.CONTENT_DISPOSITION, ContentDisposition.inline().filename(name + ".pdf").build().toString())
                .body(file);
    }
}
