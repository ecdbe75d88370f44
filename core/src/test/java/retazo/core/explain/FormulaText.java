package retazo.core.explain;

import java.util.HashMap;
import java.util.Map;

/**
 * Reads a formula as a person reads it on the page and works it out with numbers, without any of the code that made the figure: sums,
 * products written with a dot or without a sign, quotients, roots, squares, two functions of an angle, a name after "with" and "rounded".
 */
final class FormulaText {

    private final Map<String, Double> letters;
    private final String text;
    private int at;

    private FormulaText(String text, Map<String, Double> letters) {
        this.text = text;
        this.letters = letters;
    }

    /** The value of a formula for these values of its letters. */
    static double value(String formula, Map<String, Double> letters) {
        String[] parts = formula.split(", (?=with |rounded )");
        Map<String, Double> known = new HashMap<>(letters);
        String rounded = "";
        for (int i = 1; i < parts.length; i++) {
            if (parts[i].startsWith("with ")) {
                String[] named = parts[i].substring(5).split(" = ");
                known.put(named[0], new FormulaText(named[1], known).sum());
            } else {
                rounded = parts[i];
            }
        }
        double value = new FormulaText(parts[0], known).sum();
        return switch (rounded) {
            case "rounded down" -> Math.floor(value + 1e-9);
            case "rounded up" -> Math.ceil(value - 1e-9);
            default -> value;
        };
    }

    private char next() {
        while (at < text.length() && text.charAt(at) == ' ') {
            at++;
        }
        return at < text.length() ? text.charAt(at) : '\0';
    }

    private double sum() {
        double value = product();
        while (next() == '+' || next() == '−') {
            boolean plus = text.charAt(at++) == '+';
            double other = product();
            value = plus ? value + other : value - other;
        }
        return value;
    }

    /** Factors side by side belong together more closely than a dot or a division. */
    private double product() {
        double value = factors();
        while (next() == '·' || next() == '÷') {
            boolean times = text.charAt(at++) == '·';
            double other = factors();
            value = times ? value * other : value / other;
        }
        return value;
    }

    private double factors() {
        double value = factor();
        while (next() == '(' || next() == '√' || Character.isLetterOrDigit(next())) {
            value *= factor();
        }
        return value;
    }

    private double factor() {
        double value = atom();
        if (next() == '²') {
            at++;
            return value * value;
        }
        return value;
    }

    private double atom() {
        char first = next();
        if (first == '(') {
            at++;
            double inside = sum();
            at++;
            return inside;
        }
        if (first == '√') {
            at++;
            return Math.sqrt(atom());
        }
        if (text.startsWith("sin 22½°", at) || text.startsWith("tan 22½°", at)) {
            double angle = Math.toRadians(22.5);
            boolean sine = first == 's';
            at += "sin 22½°".length();
            return sine ? Math.sin(angle) : Math.tan(angle);
        }
        if (Character.isDigit(first)) {
            int start = at;
            while (at < text.length() && Character.isDigit(text.charAt(at))) {
                at++;
            }
            return Double.parseDouble(text.substring(start, at));
        }
        at++;
        Double value = letters.get(String.valueOf(first));
        if (value == null) {
            throw new AssertionError("'" + first + "' in " + text + " stands for nothing, known are " + letters.keySet());
        }
        return value;
    }
}
