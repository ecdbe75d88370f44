package retazo.app.shared;

import retazo.core.measure.LengthUnit;

/** The sentences of the application, for tests that write with them. */
public final class WordsSamples {

    private WordsSamples() {
    }

    public static Words words() {
        return words(LengthUnit.YARD);
    }

    public static Words words(LengthUnit selling) {
        return new Words(new Sentences(), () -> selling);
    }
}
