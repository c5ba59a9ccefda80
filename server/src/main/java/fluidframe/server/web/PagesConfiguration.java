package fluidframe.server.web;

import java.io.IOException;
import java.util.regex.Pattern;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
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
        /** Figure ids hold dots, so only endings that the front end's files have count as assets. */
        private static final Pattern ASSET = Pattern.compile("\\.(js|css|map|json|svg|png|ico|txt|html|woff2?)$");

        @Override
        protected Resource getResource(String path, Resource location) throws IOException {
            Resource file = location.createRelative(path);
            if (file.exists() && file.isReadable() && !path.isEmpty()) return file;
            boolean page = !path.startsWith("api/")
                    && !path.startsWith("v3/")
                    && !ASSET.matcher(path).find();
            return page ? new ClassPathResource("/static/index.html") : null;
        }
    }

    @Override
    public void addViewControllers(org.springframework.web.servlet.config.annotation.ViewControllerRegistry registry) {
        registry.addViewController("/").setViewName("forward:/index.html");
    }
}
