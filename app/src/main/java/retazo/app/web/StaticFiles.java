package retazo.app.web;

import java.time.Duration;
import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.ResourceUrlEncodingFilter;
import org.springframework.web.servlet.resource.VersionResourceResolver;

/**
 * Styles, scripts and fonts, each under an address with a mark of its content. Only their folders are looked through: were it all,
 * every link on a page would be looked for in every library first.
 */
@Configuration(proxyBeanMethods = false)
class StaticFiles implements WebMvcConfigurer {

    private static final List<String> FOLDERS = List.of("css", "js", "fonts");
    private static final CacheControl AN_HOUR = CacheControl.maxAge(Duration.ofHours(1));

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        for (String folder : FOLDERS) {
            registry.addResourceHandler("/" + folder + "/**").addResourceLocations("classpath:/static/" + folder + "/")
                    .setCacheControl(AN_HOUR)
                    .resourceChain(true).addResolver(new VersionResourceResolver().addContentVersionStrategy("/**"));
        }
        registry.addResourceHandler("/worker.js").addResourceLocations("classpath:/static/js/floor/")
                .setCacheControl(CacheControl.noCache());
        registry.addResourceHandler("/favicon.svg").addResourceLocations("classpath:/static/").setCacheControl(AN_HOUR);
    }

    /** What a device on the floor shows without a network in place of a page that it never opened. */
    @Override
    public void addViewControllers(ViewControllerRegistry registry) {
        registry.addViewController("/away").setViewName("error/away");
    }

    /** Writes the marks into links. */
    @Bean
    ResourceUrlEncodingFilter markedLinks() {
        return new ResourceUrlEncodingFilter();
    }
}
