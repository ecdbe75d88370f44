package retazo.app.shared;

import org.springframework.context.support.ResourceBundleMessageSource;

/** The sentences of the application, for tests that write with them. */
public final class WordsSamples {

    private WordsSamples() {
    }

    public static Words words() {
        ResourceBundleMessageSource messages = new ResourceBundleMessageSource();
        messages.setBasename("messages");
        messages.setDefaultEncoding("UTF-8");
        messages.setFallbackToSystemLocale(false);
        return new Words(messages);
    }
}
