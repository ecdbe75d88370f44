/**
 * The pages of runs: the list, a new run, a draft with what stock gives for it, and a run under way with what is open of it and what became
 * of it.
 *
 * <p>Entry: {@link retazo.app.runs.pages.RunController}. May use all that stands before it in {@code runs}.
 */
@NullMarked
package retazo.app.runs.pages;

import org.jspecify.annotations.NullMarked;
