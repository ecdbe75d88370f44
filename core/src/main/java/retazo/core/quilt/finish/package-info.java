/**
 * What goes around and behind a top: borders, flange, binding, backing and batting.
 *
 * <p>Entry: {@link retazo.core.quilt.finish.Finishing}. How wide the cloth is enters only where strips and panels are counted. May use
 * all before it, up to {@code quilt.setting}.
 */
@NullMarked
package retazo.core.quilt.finish;

import org.jspecify.annotations.NullMarked;
