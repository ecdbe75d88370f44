/**
 * The demo shop: made-up people, fabrics, patterns, kits and runs, put in through the same services that people use. May
 * use every other feature.
 */
@org.jspecify.annotations.NullMarked
package retazo.app.demo;
