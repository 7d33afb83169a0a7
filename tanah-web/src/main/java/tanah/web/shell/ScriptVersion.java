package tanah.web.shell;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.util.DigestUtils;
import org.springframework.web.servlet.resource.ContentVersionStrategy;

/**
 * All scripts have one version: that of all of them together. Were each known by its own content, a script that did not change would
 * stay in the browser and go on importing what has changed by its old address.
 */
final class ScriptVersion extends ContentVersionStrategy {
    private final String version;

    ScriptVersion() {
        try {
            PathMatchingResourcePatternResolver files = new PathMatchingResourcePatternResolver();
            List<Resource> scripts = new ArrayList<>(List.of(files.getResources("classpath*:/static/js/*.js")));
            scripts.addAll(List.of(files.getResources("classpath*:/static/vendor/*.js")));
            scripts.sort(Comparator.comparing(r -> String.valueOf(r.getFilename())));
            StringBuilder all = new StringBuilder();
            for (Resource script : scripts) {
                try (InputStream in = script.getInputStream()) {
                    all.append(DigestUtils.md5DigestAsHex(in));
                }
            }
            version = DigestUtils.md5DigestAsHex(all.toString().getBytes(StandardCharsets.US_ASCII));
        } catch (IOException e) {
            throw new UncheckedIOException("the scripts of the application cannot be read", e);
        }
    }

    @Override
    public String getResourceVersion(Resource resource) {
        return version;
    }
}
