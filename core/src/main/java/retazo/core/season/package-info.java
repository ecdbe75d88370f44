/**
 * What a season's cloth is best made into: how many of each kit, where kits share fabrics, and a bound that no numbers pass.
 *
 * <p>Entry: {@link retazo.core.season.SeasonPlan}. May use {@code measure} and {@code bolt}.
 */
@NullMarked
package retazo.core.season;

import org.jspecify.annotations.NullMarked;
