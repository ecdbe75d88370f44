package retazo.app.staff;

import org.jspecify.annotations.Nullable;

/** One's own password, as it is and as it is to be. */
record OwnPasswordForm(@Nullable String current, @Nullable String fresh) {
}
