/**
 * Devices that are played, with faults to switch on: only where the shop was started with them. May use {@code devices} and {@code shared}.
 */
@NullMarked
package retazo.app.devices.standins;

import org.jspecify.annotations.NullMarked;
