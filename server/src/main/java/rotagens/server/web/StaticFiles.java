package rotagens.server.web;

import java.io.IOException;
import java.time.Duration;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.PathResourceResolver;

/** Serves the interface: files with a hash in their name for a year, the page itself afresh, for any of its addresses. */
@Configuration(proxyBeanMethods = false)
class StaticFiles implements WebMvcConfigurer {

    private static final String FILES = "classpath:/META-INF/resources/";

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/built/**")
                .addResourceLocations(FILES + "built/")
                .setCacheControl(CacheControl.maxAge(Duration.ofDays(365)).immutable());
        registry.addResourceHandler("/**")
                .addResourceLocations(FILES)
                .setCacheControl(CacheControl.noCache())
                .resourceChain(true)
                .addResolver(new PathResourceResolver() {
                    @Override
                    protected Resource getResource(String path, Resource location) throws IOException {
                        Resource file = super.getResource(path, location);
                        boolean page = !path.startsWith("api/") && !path.contains(".");
                        return file == null && page ? super.getResource("index.html", location) : file;
                    }
                });
    }
}
