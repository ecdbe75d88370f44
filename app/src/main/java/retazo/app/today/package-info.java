/**
 * What waits, as one list in the order of urgency, and the rail with its stations. May use every other feature.
 */
@org.jspecify.annotations.NullMarked
package retazo.app.today;
