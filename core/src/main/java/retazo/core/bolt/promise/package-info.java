/**
 * What cloth was promised to bags, and what becomes of that when there is less of it: who comes first, and as few changes as can be.
 *
 * <p>Entry: {@link retazo.core.bolt.promise.Allotter}. May use {@code bolt} and all before it.
 */
@NullMarked
package retazo.core.bolt.promise;

import org.jspecify.annotations.NullMarked;
