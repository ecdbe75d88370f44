package retazo.app.practice;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import retazo.app.shared.FieldReader;
import retazo.app.shared.Outcome;
import retazo.app.shared.Seen;
import retazo.core.cloth.ShopPractice;
import retazo.core.colouring.Judgement;
import retazo.core.measure.Problem;
import retazo.core.packet.PacketWay;

/** The shop's settings. A shop that has set nothing follows the customary practice. */
@Service
public class PracticeService {

    private final PracticeRepository practices;

    PracticeService(PracticeRepository practices) {
        this.practices = practices;
    }

    @Transactional(readOnly = true)
    public ShopPractice practice() {
        return practices.findById(PracticeEntity.ONLY).map(PracticeEntity::toPractice).orElseGet(ShopPractice::customary);
    }

    /** What its papers say beside the figures. */
    @Transactional(readOnly = true)
    public PaperNotes notes() {
        return practices.findById(PracticeEntity.ONLY).map(PracticeEntity::toNotes).orElse(PaperNotes.CUSTOMARY);
    }

    /** What new parts of a drawing start with. */
    @Transactional(readOnly = true)
    public DrawingStart drawingStart() {
        return practices.findById(PracticeEntity.ONLY).map(PracticeEntity::toDrawingStart).orElse(DrawingStart.CUSTOMARY);
    }

    /** What a packet of pieces holds. */
    @Transactional(readOnly = true)
    public PacketWay packets() {
        return practices.findById(PracticeEntity.ONLY).map(PracticeEntity::toPacking).orElse(PackingWay.CUSTOMARY).packets();
    }

    /** Who may close a bag. */
    @Transactional(readOnly = true)
    public BagClosing bagClosing() {
        return practices.findById(PracticeEntity.ONLY).map(PracticeEntity::toPacking).orElse(PackingWay.CUSTOMARY).closing();
    }

    /** By how much the values of neighbours in a quilt must differ not to fade, of 100. */
    @Transactional(readOnly = true)
    public int leastContrast() {
        return practices.findById(PracticeEntity.ONLY).map(PracticeEntity::leastContrast).orElse(Judgement.CUSTOMARY_CONTRAST);
    }

    /** The settings as a form shows them. */
    @Transactional(readOnly = true)
    PracticeForm form() {
        return PracticeForm.of(practice(), notes(), drawingStart(), new PackingWay(packets(), bagClosing()), leastContrast());
    }

    /** Changes them as typed; refused when somebody else did since the form was shown. */
    @Transactional
    Outcome<ShopPractice> change(PracticeForm form, String seen) {
        FieldReader reader = new FieldReader();
        practices.lock();
        int contrast = form.leastContrast(reader);
        return form.read(reader)
                .map(practice -> {
                    List<Problem> meanwhile = Seen.meanwhile(seen, form().texts(), form.texts());
                    if (!meanwhile.isEmpty()) {
                        return Outcome.<ShopPractice>refused(meanwhile);
                    }
                    PaperNotes notes = form.notes();
                    DrawingStart start = form.drawingStart();
                    PackingWay packing = form.packing();
                    practices.findById(PracticeEntity.ONLY).ifPresentOrElse(
                            entity -> entity.update(practice, notes, start, packing, contrast),
                            () -> practices.save(PracticeEntity.of(practice, notes, start, packing, contrast)));
                    return Outcome.done(practice);
                })
                .orElseGet(() -> Outcome.refused(reader.problems()));
    }
}
