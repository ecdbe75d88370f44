/**
 * Labels as they are printed: bags, packets, bolts, with a code that a scanner reads; on sheets or from a roll.
 *
 * <p>Entry: {@link retazo.app.labels.LabelAnswers}. May use {@code shared}.
 */
@NullMarked
package retazo.app.labels;

import org.jspecify.annotations.NullMarked;
