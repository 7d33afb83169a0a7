package tanah.web.truth;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.commonmark.Extension;
import org.commonmark.ext.gfm.tables.TablesExtension;
import org.commonmark.parser.Parser;
import org.commonmark.renderer.html.HtmlRenderer;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** The page of outside checks, the same text as in the documentation; rendered once. */
@Controller
class TruthController {
    private final String body;

    TruthController() {
        List<Extension> tables = List.of(TablesExtension.create());
        try (InputStream in = new ClassPathResource("pages/truth.md").getInputStream()) {
            String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            body = HtmlRenderer.builder()
                    .extensions(tables)
                    .escapeHtml(true)
                    .sanitizeUrls(true)
                    .build()
                    .render(Parser.builder().extensions(tables).build().parse(text))
                    .replace("<table>", "<div class=\"table-wrap\"><table class=\"ledger-table\">")
                    .replace("</table>", "</table></div>");
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @GetMapping("/truth")
    String show(Model model) {
        model.addAttribute("body", body);
        return "truth/truth";
    }
}
