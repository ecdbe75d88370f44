/**
 * What the shop's machines do for it: a printer of labels, a machine that measures bolts. A shop may have neither.
 *
 * <p>Entry: {@link retazo.app.devices.Devices}. May use {@code shared}.
 */
@NullMarked
package retazo.app.devices;

import org.jspecify.annotations.NullMarked;
