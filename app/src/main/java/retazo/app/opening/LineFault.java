package retazo.app.opening;

import retazo.core.measure.Problem;

/** What is wrong in a line; the problem's place is the key of its column. */
record LineFault(int line, Problem problem) {
}
