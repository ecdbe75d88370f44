package retazo.app.staff;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.Duration;
import java.util.Objects;
import org.springframework.web.filter.OncePerRequestFilter;

/** Sends a sign-in that must wait back before its password is looked at. */
class SignInThrottleFilter extends OncePerRequestFilter {

    private final SignInThrottle throttle;

    SignInThrottleFilter(SignInThrottle throttle) {
        this.throttle = throttle;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !request.getMethod().equals("POST") || !request.getServletPath().equals("/sign-in");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Duration wait = throttle.begin(Objects.requireNonNullElse(request.getParameter("username"), ""), request.getRemoteAddr());
        if (wait.isZero()) {
            chain.doFilter(request, response);
        } else {
            response.sendRedirect(request.getContextPath() + "/sign-in?wait=" + (wait.toSeconds() + 1));
        }
    }
}
