/**
 * Web and persistence wiring that every feature uses: how lengths are stored and shown, how problems and labels become
 * words, the error pages. No rule of the craft, no feature. May use the core.
 */
@org.jspecify.annotations.NullMarked
@org.springframework.modulith.ApplicationModule(type = org.springframework.modulith.ApplicationModule.Type.OPEN)
package retazo.app.shared;
