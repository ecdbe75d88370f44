package retazo.app.staff;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.springframework.http.HttpHeaders;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/** Lets a program in that brings a key in its Authorization header; a key that opens nothing is as good as none. */
class ApiTokenFilter extends OncePerRequestFilter {

    /** What a key that may not change things carries beside the rights of its person. */
    static final String READ_ONLY = "READ_ONLY";

    private static final String BEARER = "Bearer ";
    private static final int LONGEST = 100;

    private final ApiTokens tokens;

    ApiTokenFilter(ApiTokens tokens) {
        this.tokens = tokens;
    }

    /** Whether a request comes with a key and not with a browser's session. */
    static boolean bringsKey(HttpServletRequest request) {
        String header = request.getHeader(HttpHeaders.AUTHORIZATION);
        return header != null && header.startsWith(BEARER);
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        if (bringsKey(request)) {
            SecurityContextHolder.clearContext();
            String token = request.getHeader(HttpHeaders.AUTHORIZATION).substring(BEARER.length()).strip();
            if (token.length() <= LONGEST) {
                tokens.entrance(token).ifPresent(entrance -> SecurityContextHolder.getContext().setAuthentication(
                        UsernamePasswordAuthenticationToken.authenticated(entrance.person(), null, rights(entrance))));
            }
        }
        chain.doFilter(request, response);
    }

    private static List<GrantedAuthority> rights(ApiTokens.Entrance entrance) {
        List<GrantedAuthority> rights = new ArrayList<>(entrance.person().getAuthorities());
        if (!entrance.mayWrite()) {
            rights.add(new SimpleGrantedAuthority(READ_ONLY));
        }
        return rights;
    }
}
