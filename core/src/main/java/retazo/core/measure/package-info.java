/**
 * Lengths, counts and shares, exact to the tick; how people type them and how they are written.
 *
 * <p>A tick is 1/609,600 in, 24,000 to the millimetre, so that 1/64 in, 1/3 in, 0.01 yd and 0.001 mm are all whole
 * numbers of ticks. Nothing here uses binary floating point. May use no other package of the core.
 */
@NullMarked
package retazo.core.measure;

import org.jspecify.annotations.NullMarked;
