package retazo.app.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.ModelAndView;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.view.UrlBasedViewResolver;

/**
 * What was done is answered with the address of the next page, which tells where one was. A text that is longer than anything we ask for is
 * no such place and is left out: with it the address would be too long to be sent.
 */
@Component
class ShortAddresses implements HandlerInterceptor, WebMvcConfigurer {

    private static final int LONGEST = 200;

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this);
    }

    @Override
    public void postHandle(HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable ModelAndView next) {
        if (next != null && next.getViewName() != null && next.getViewName().startsWith(UrlBasedViewResolver.REDIRECT_URL_PREFIX)) {
            next.getModel().values().removeIf(value -> value instanceof String text && text.length() > LONGEST);
        }
    }
}
