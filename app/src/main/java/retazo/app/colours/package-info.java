/**
 * Where a quilt is tried in cloth from stock: what lies beside what, what fades, whether wishes are kept, how many kits each fabric allows,
 * and what else could be tried. Nothing is kept until somebody says so. One enters by its page.
 */
@NullMarked
package retazo.app.colours;

import org.jspecify.annotations.NullMarked;
