package tanah.web.shell;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.core.io.Resource;
import org.springframework.util.StreamUtils;
import org.springframework.web.servlet.resource.ResourceTransformerChain;
import org.springframework.web.servlet.resource.ResourceTransformerSupport;
import org.springframework.web.servlet.resource.TransformedResource;

/**
 * Gives every module that a script imports the address with its hash, as pages do for the script itself. Without it a browser would
 * keep an old module beside a new one.
 */
final class ModuleAddresses extends ResourceTransformerSupport {
    private static final Pattern IMPORT = Pattern.compile("((?:from|import) \")(\\.{1,2}/[^\"]+\\.js)(\")");

    @Override
    public Resource transform(HttpServletRequest request, Resource resource, ResourceTransformerChain chain)
            throws IOException {
        Resource script = chain.transform(request, resource);
        String name = script.getFilename();
        if (name == null || !name.endsWith(".js")) {
            return script;
        }
        String text = StreamUtils.copyToString(script.getInputStream(), StandardCharsets.UTF_8);
        Matcher found = IMPORT.matcher(text);
        StringBuilder out = new StringBuilder();
        while (found.find()) {
            String path = toAbsolutePath(found.group(2), request);
            String hashed = resolveUrlPath(path, request, script, chain);
            String address = hashed == null ? found.group(2) : request.getContextPath() + hashed;
            found.appendReplacement(out, Matcher.quoteReplacement(found.group(1) + address + found.group(3)));
        }
        found.appendTail(out);
        return new TransformedResource(script, out.toString().getBytes(StandardCharsets.UTF_8));
    }
}
