/** The web application. Its packages are features; each has its controller, service, entities and forms. */
@NullMarked
package retazo.app;

import org.jspecify.annotations.NullMarked;
