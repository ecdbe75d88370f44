/**
 * The kits as pictures, for whoever chooses one: staff beside a customer, and the customer alone. One enters by its pages.
 */
@NullMarked
package retazo.app.catalogue;

import org.jspecify.annotations.NullMarked;
