/** Benchmarks of the core; {@code bin/bench} runs them all and prints their figures. */
@org.jspecify.annotations.NullMarked
package retazo.bench;
