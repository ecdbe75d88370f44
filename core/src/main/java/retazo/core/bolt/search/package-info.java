/**
 * Finds plans of runs on bolts: the very best one where that is within reach, else one that goes down from a bound which is proved.
 *
 * <p>Entry: {@link retazo.core.bolt.search.BoltPlanner}. May use {@code bolt} and all before it.
 */
@NullMarked
package retazo.core.bolt.search;

import org.jspecify.annotations.NullMarked;
