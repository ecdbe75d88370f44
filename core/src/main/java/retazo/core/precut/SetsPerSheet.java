package retazo.core.precut;

import java.util.Optional;

/**
 * The most whole sets from one sheet.
 *
 * @param sets       0 if the set does not fit
 * @param bound      no way to cut a sheet gives more: as many as were found, or as there is area for where not all ways were looked at
 * @param diagram    how they are cut, where they fit
 * @param needsAll   whether a sheet smaller by a quarter of an inch both ways gives fewer
 */
public record SetsPerSheet(int sets, int bound, Optional<CutDiagram> diagram, boolean needsAll) {
}
