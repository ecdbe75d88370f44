/**
 * What a pattern's paper prints, held against what is worked out: does each figure agree, and under which reading would it be
 * right.
 *
 * <p>{@link retazo.core.verdict.PrintedLengths} judges the lengths of a size table, {@link retazo.core.verdict.PrintedSizes} the
 * finished sizes, {@link retazo.core.verdict.PrintedCounts} the counts of a cut list. A reading is found by working the figure
 * out again in another way of working, never by guessing. May use all packages but {@code bolt}.
 */
@NullMarked
package retazo.core.verdict;

import org.jspecify.annotations.NullMarked;
