package retazo.app.shared;

import org.springframework.context.support.ResourceBundleMessageSource;
import retazo.core.measure.LengthUnit;

/** The sentences of the application, for tests that write with them. */
public final class WordsSamples {

    private WordsSamples() {
    }

    public static Words words() {
        return words(LengthUnit.YARD);
    }

    public static Words words(LengthUnit selling) {
        ResourceBundleMessageSource messages = new ResourceBundleMessageSource();
        messages.setBasename("messages");
        messages.setDefaultEncoding("UTF-8");
        messages.setFallbackToSystemLocale(false);
        return new Words(messages, () -> selling);
    }
}
