/**
 * The people of the shop: who may sign in, and what each may do.
 *
 * <p>A <em>job</em> (owner, designer, cutter, packer, counter) gives <em>rights</em>; pages and buttons ask for rights,
 * never for jobs. May use {@code shared}.
 */
@org.jspecify.annotations.NullMarked
package retazo.app.staff;
