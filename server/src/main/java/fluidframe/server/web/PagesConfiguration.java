package fluidframe.server.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.HttpStatus;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.PathResourceResolver;

/** Serves the built front end; a deep link gets the page, an unknown asset or API path stays 404. */
@Configuration
class PagesConfiguration implements WebMvcConfigurer {
    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/_app/immutable/**")
                .addResourceLocations("classpath:/static/_app/immutable/")
                .setCacheControl(
                        CacheControl.maxAge(java.time.Duration.ofDays(365)).immutable());
        registry.addResourceHandler("/**")
                .addResourceLocations("classpath:/static/")
                .setCacheControl(CacheControl.noCache())
                .resourceChain(true)
                .addResolver(new PageResolver());
    }

    private static final class PageResolver extends PathResourceResolver {
        @Override
        protected Resource getResource(String path, Resource location) throws IOException {
            Resource file = location.createRelative(path);
            if (file.exists() && file.isReadable() && !path.isEmpty()) return file;
            return Pages.isPageOrUnknown(path) ? new ClassPathResource("/static/index.html") : null;
        }
    }

    /** The page says in its own words that there is no such page; the status says it to everybody else. */
    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(new HandlerInterceptor() {
                    @Override
                    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
                        if (!Pages.isOne(request.getRequestURI())) response.setStatus(HttpStatus.NOT_FOUND.value());
                        return true;
                    }
                })
                .addPathPatterns("/**")
                .excludePathPatterns("/api/**", "/v3/**", "/_app/**", "/fonts/**", "/error");
    }

    @Override
    public void addViewControllers(org.springframework.web.servlet.config.annotation.ViewControllerRegistry registry) {
        registry.addViewController("/").setViewName("forward:/index.html");
    }
}
