package retazo.app.shared;

import java.util.Set;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.ITemplateContext;
import org.thymeleaf.dialect.AbstractProcessorDialect;
import org.thymeleaf.engine.AttributeName;
import org.thymeleaf.model.IProcessableElementTag;
import org.thymeleaf.processor.IProcessor;
import org.thymeleaf.processor.element.IElementTagStructureHandler;
import org.thymeleaf.standard.processor.AbstractStandardExpressionAttributeTagProcessor;
import org.thymeleaf.templatemode.TemplateMode;

/**
 * {@code shop:fault="${faults.field('lot')}"} on what is typed into: where the field has a fault, it is marked as invalid and described by
 * the sentence that stands below it; a help that describes it already stays.
 */
@Component
class FieldFaultDialect extends AbstractProcessorDialect {

    private static final int AFTER_OTHER_ATTRIBUTES = 2_000;

    FieldFaultDialect() {
        super("Faults of fields", "shop", AFTER_OTHER_ATTRIBUTES);
    }

    @Override
    public Set<IProcessor> getProcessors(String prefix) {
        return Set.of(new FaultAttribute(prefix));
    }

    /** Ties a field to its fault. */
    private static final class FaultAttribute extends AbstractStandardExpressionAttributeTagProcessor {

        private static final String DESCRIBED_BY = "aria-describedby";

        FaultAttribute(String prefix) {
            super(TemplateMode.HTML, prefix, "fault", AFTER_OTHER_ATTRIBUTES, true);
        }

        @Override
        protected void doProcess(
                ITemplateContext context, IProcessableElementTag tag, AttributeName name, String value, Object field,
                IElementTagStructureHandler structure) {
            if (field instanceof Faults.Field at && at.hasFault()) {
                String help = tag.getAttributeValue(DESCRIBED_BY);
                structure.setAttribute("aria-invalid", "true");
                structure.setAttribute(DESCRIBED_BY, help == null ? at.faultId() : help + " " + at.faultId());
            }
        }
    }
}
