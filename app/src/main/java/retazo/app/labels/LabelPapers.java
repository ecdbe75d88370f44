package retazo.app.labels;

import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps on what the shop prints its labels. */
@Service
class LabelPapers {

    private final LabelPaperRepository papers;

    LabelPapers(LabelPaperRepository papers) {
        this.papers = papers;
    }

    @Transactional(readOnly = true)
    public LabelPaper paper() {
        return papers.findById(LabelPaperEntity.ID).orElseThrow().toPaper();
    }

    @Transactional
    public void change(LabelPaper paper) {
        papers.findById(LabelPaperEntity.ID).orElseThrow().become(paper);
    }
}
