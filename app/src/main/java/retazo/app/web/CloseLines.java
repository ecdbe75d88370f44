package retazo.app.web;

import java.util.Set;
import org.springframework.stereotype.Component;
import org.thymeleaf.dialect.AbstractDialect;
import org.thymeleaf.dialect.IPostProcessorDialect;
import org.thymeleaf.engine.AbstractTemplateHandler;
import org.thymeleaf.model.ICloseElementTag;
import org.thymeleaf.model.IOpenElementTag;
import org.thymeleaf.model.IStandaloneElementTag;
import org.thymeleaf.model.IText;
import org.thymeleaf.postprocessor.IPostProcessor;
import org.thymeleaf.postprocessor.PostProcessor;
import org.thymeleaf.templatemode.TemplateMode;

/** Leaves out how templates are indented, which is a third of a long page and says nothing to a browser. */
@Component
class CloseLines extends AbstractDialect implements IPostProcessorDialect {

    private static final int LAST = 1000;

    CloseLines() {
        super("close-lines");
    }

    @Override
    public int getDialectPostProcessorPrecedence() {
        return LAST;
    }

    @Override
    public Set<IPostProcessor> getPostProcessors() {
        return Set.of(new PostProcessor(TemplateMode.HTML, Handler.class, LAST));
    }

    /** Made anew for every page. */
    public static final class Handler extends AbstractTemplateHandler {

        private static final Set<String> KEPT_AS_TYPED = Set.of("textarea", "pre");

        private int inside;
        private boolean lineEnded;

        @Override
        public void handleOpenElement(IOpenElementTag tag) {
            inside += KEPT_AS_TYPED.contains(tag.getElementCompleteName()) ? 1 : 0;
            lineEnded = false;
            super.handleOpenElement(tag);
        }

        @Override
        public void handleCloseElement(ICloseElementTag tag) {
            String name = tag.getElementCompleteName();
            inside -= KEPT_AS_TYPED.contains(name) ? 1 : 0;
            lineEnded = false;
            super.handleCloseElement(getContext().getModelFactory().createCloseElementTag(name));
        }

        @Override
        public void handleStandaloneElement(IStandaloneElementTag tag) {
            lineEnded = false;
            super.handleStandaloneElement(tag);
        }

        @Override
        public void handleText(IText text) {
            String written = text.getText();
            boolean between = inside == 0 && written.isBlank() && written.indexOf('\n') >= 0;
            if (!between) {
                super.handleText(text);
            } else if (!lineEnded) {
                super.handleText(getContext().getModelFactory().createText("\n"));
            }
            lineEnded = between;
        }
    }
}
