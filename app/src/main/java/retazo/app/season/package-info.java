/**
 * What a season's cloth is made into: kits that share fabrics, how many of each, where cloth is left over or runs out, the best numbers for
 * it, and a run of them. One enters by its board.
 */
@NullMarked
package retazo.app.season;

import org.jspecify.annotations.NullMarked;
