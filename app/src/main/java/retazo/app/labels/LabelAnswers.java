package retazo.app.labels;

import java.util.List;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Component;
import retazo.app.shared.Words;

/** Answers with labels as a PDF on the paper of the shop. */
@Component
public class LabelAnswers {

    private final LabelPapers papers;
    private final Words words;

    LabelAnswers(LabelPapers papers, Words words) {
        this.papers = papers;
        this.words = words;
    }

    /** @param name of the file, without its ending */
    public ResponseEntity<byte[]> answer(List<Label> labels, String name) {
        return ResponseEntity.ok()
                .contentType(MediaType.APPLICATION_PDF)
                .header(HttpHeaders.CONTENT_DISPOSITION, ContentDisposition.inline().filename(name + ".pdf").build().toString())
                .body(LabelPdf.of(labels, papers.paper(), words.text("labels.more")));
    }
}
