package hingeyard.app.wiring;

import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Serves the front end: every address of a view answers with the one page, which is never cached, as what keeps it in the browser; hashed
 * files for ever.
 */
@Configuration
class Pages implements WebMvcConfigurer {

    @Override
    public void addViewControllers(ViewControllerRegistry registry) {
        // Whatever is neither data nor a file is a page, a dead address too: the page says that there is nothing, and the way on. A kit's
        // code may hold a point.
        for (String view : new String[]{"/", "/{view:[^.]+}", "/{area:(?!api|actuator)[^.]+}/{view:[^.]+}",
            "/{area:(?!api|actuator)[^.]+}/{of}/{view:[^.]+}", "/jobs/{job}/{view}/{detail}"}) {
            registry.addViewController(view).setViewName("forward:/index.html");
        }
    }

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/index.html", "/sw.js").addResourceLocations("classpath:/static/")
                .setCacheControl(CacheControl.noCache());
    }
}
