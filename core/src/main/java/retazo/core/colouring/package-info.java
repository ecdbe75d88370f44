/**
 * Fabrics in a quilt as an eye sees them: what lies beside what, what fades into it, whether wishes are kept, and what else could be tried.
 *
 * <p>Entry: {@link retazo.core.colouring.Judgement} and {@link retazo.core.colouring.Proposals}.
 */
@NullMarked
package retazo.core.colouring;

import org.jspecify.annotations.NullMarked;
