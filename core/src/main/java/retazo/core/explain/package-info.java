/**
 * The arithmetic behind every figure, as a graph of steps.
 *
 * <p>A {@link retazo.core.explain.Figure} is a value together with how it came about: given by somebody, or worked from
 * other figures. Plans compute <em>with</em> figures, so an explanation cannot differ from its result. Words are not
 * kept here: a step has a label (code and arguments) that the application puts into a sentence. May use {@code measure}.
 */
@NullMarked
package retazo.core.explain;

import org.jspecify.annotations.NullMarked;
