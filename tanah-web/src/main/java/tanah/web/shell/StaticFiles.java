package tanah.web.shell;

import java.time.Duration;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.ContentVersionStrategy;
import org.springframework.web.servlet.resource.CssLinkResourceTransformer;
import org.springframework.web.servlet.resource.LiteWebJarsResourceResolver;
import org.springframework.web.servlet.resource.VersionResourceResolver;

/**
 * Styles, scripts, fonts under the addresses where they are, and nowhere else. Were they looked for under every address,
 * each link of a page would search the archive of the application for a file of its name: nine tenths of the time that
 * an answer took.
 */
@Configuration
class StaticFiles implements WebMvcConfigurer {
    private static final CacheControl DAY =
            CacheControl.maxAge(Duration.ofDays(1)).cachePublic();

    /** An address with a hash never means another file. */
    private static final CacheControl YEAR =
            CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable();

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        for (String folder : new String[] {"css", "js", "fonts", "vendor"}) {
            registry.addResourceHandler("/" + folder + "/**")
                    .addResourceLocations("classpath:/static/" + folder + "/")
                    .setCacheControl(YEAR)
                    .resourceChain(true)
                    .addResolver(new VersionResourceResolver()
                            .addVersionStrategy(
                                    folder.equals("js") ? new ScriptVersion() : new ContentVersionStrategy(), "/**"))
                    .addTransformer(new ModuleAddresses())
                    .addTransformer(new CssLinkResourceTransformer());
        }
        registry.addResourceHandler("/r/*.js", "/r/*.svg", "/r/*.png")
                .addResourceLocations("classpath:/static/r/")
                .setCacheControl(CacheControl.noCache());
        registry.addResourceHandler("/webjars/**")
                .addResourceLocations("classpath:/META-INF/resources/webjars/")
                .setCacheControl(DAY)
                .resourceChain(true)
                .addResolver(new LiteWebJarsResourceResolver());
    }
}
