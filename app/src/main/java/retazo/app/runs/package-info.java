/**
 * Kit runs: so many bags of each kit, planned on bolts, confirmed with frozen bills and reserved cloth, and planned again
 * when a cut goes wrong. May use all features that kits may use, and {@code kits}.
 *
 * <p>Order of locks: the run first, then bolts by their ids.
 */
@org.jspecify.annotations.NullMarked
package retazo.app.runs;

