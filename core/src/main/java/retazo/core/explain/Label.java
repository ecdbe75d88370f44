package retazo.core.explain;

import java.util.List;

/**
 * What a figure is, as a message code with arguments.
 *
 * @param arguments what the message names, in its order: names, letters, lengths
 */
public record Label(String code, List<Object> arguments) {

    public Label {
        arguments = List.copyOf(arguments);
    }

    public static Label of(String code, Object... arguments) {
        return new Label(code, List.of(arguments));
    }
}
