package tanah.web.shell;

import org.springframework.core.io.ClassPathResource;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** What a phone reads to keep the quick reading on its first screen, with the type that it wants (W3C Web Application Manifest). */
@Controller
class ManifestController {
    @GetMapping(path = "/r/manifest.webmanifest", produces = "application/manifest+json")
    ResponseEntity<Resource> manifest() {
        return ResponseEntity.ok()
                .cacheControl(CacheControl.noCache())
                .body(new ClassPathResource("static/r/manifest.webmanifest"));
    }
}
