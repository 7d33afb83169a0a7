package tanah.web.papers;

import com.openhtmltopdf.extend.FSSupplier;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.svgsupport.BatikSVGDrawer;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import org.springframework.context.i18n.LocaleContextHolder;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.Context;
import org.thymeleaf.spring6.SpringTemplateEngine;
import tanah.core.evaluate.Evaluation;
import tanah.core.finding.Severity;
import tanah.core.scene.Scene;
import tanah.web.build.BuyPages;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.notes.NoteView;
import tanah.web.design.notes.Notes;
import tanah.web.design.stage.StageSheet;
import tanah.web.design.words.PageHead;
import tanah.web.design.words.PartNames;
import tanah.web.enclosure.Enclosure;
import tanah.web.forms.Numbers;
import tanah.web.forms.Presentation;
import tanah.web.shell.Words;
import tanah.web.svg.PaperSvg;

/** What papers say, and the build sheet as PDF with its fonts inside. */
@Component
class Papers {
    private final StageSheet sheets;
    private final BuyPages buy;
    private final Notes notes;
    private final PartNames names;
    private final PageHead head;
    private final Catalogues catalogues;
    private final Words words;
    private final SpringTemplateEngine templates;

    Papers(
            StageSheet sheets,
            BuyPages buy,
            Notes notes,
            PartNames names,
            PageHead head,
            Catalogues catalogues,
            Words words,
            SpringTemplateEngine templates) {
        this.sheets = sheets;
        this.buy = buy;
        this.notes = notes;
        this.names = names;
        this.head = head;
        this.catalogues = catalogues;
        this.words = words;
        this.templates = templates;
    }

    /** A part of the drawing by its number. */
    public record Part(int number, String name, String numbers) {}

    /** Parts in the order in which they are numbered: layers from the base, then stone and wood, then plants. */
    Map<String, Integer> numbers(Evaluation e) {
        Map<String, Integer> numbers = new LinkedHashMap<>();
        e.design().ground().layers().forEach(l -> numbers.put(l.id(), numbers.size() + 1));
        e.design().hardscape().forEach(h -> numbers.put(h.id(), numbers.size() + 1));
        e.design().plants().forEach(p -> numbers.put(p.id(), numbers.size() + 1));
        return numbers;
    }

    List<Part> parts(Evaluation e) {
        List<Part> parts = new ArrayList<>();
        numbers(e)
                .forEach((id, number) -> parts.add(new Part(
                        number,
                        names.of(id, e.design(), catalogues.of(e.design())),
                        e.ground()
                                .flatMap(g -> g.layer(id))
                                .filter(r -> r.shape().exists())
                                .map(r -> Numbers.lengthWithUnit(r.shape().meanDepth()) + ", "
                                        + Numbers.volumeWithUnit(r.shape().volume()) + ", "
                                        + Numbers.massWithUnit(r.wetMass()))
                                .orElse(""))));
        return parts;
    }

    String section(Evaluation e) {
        return sheets.scene(e, OptionalDouble.empty())
                .map(s -> PaperSvg.section(
                        s,
                        sheets.plants(e),
                        numbers(e),
                        words.of("papers.section", e.design().name()),
                        Presentation.current().isUs()))
                .orElse("");
    }

    String plan(Evaluation e) {
        return sheets.scene(e, OptionalDouble.empty())
                .map(s -> PaperSvg.plan(
                        s,
                        sheets.plants(e),
                        numbers(e),
                        words.of("papers.plan", e.design().name()),
                        Presentation.current().isUs()))
                .orElse("");
    }

    /** The build sheet. */
    byte[] pdf(Enclosure enclosure, Evaluation e, String today) {
        Context context = new Context(LocaleContextHolder.getLocale());
        List<NoteView> noted = notes.of(e, catalogues.of(e.design()), "");
        context.setVariable("name", e.design().name());
        context.setVariable("latin", head.latin(e));
        context.setVariable("revision", enclosure.revision());
        context.setVariable("today", today);
        context.setVariable("section", section(e));
        context.setVariable(
                "ratio",
                sheets.scene(e, OptionalDouble.empty())
                        .map((Scene s) -> PaperSvg.ratio(s, false))
                        .orElse(0));
        context.setVariable("parts", parts(e));
        context.setVariable(
                "notes",
                noted.stream().filter(n -> n.severity() != Severity.GOOD).toList());
        context.setVariable(
                "stops",
                noted.stream().filter(n -> n.severity() == Severity.STOP).toList());
        context.setVariable("lines", e.shopping().map(s -> buy.lines(s, e)).orElse(List.of()));
        context.setVariable("batches", e.shopping().map(s -> buy.batches(s, e)).orElse(List.of()));
        context.setVariable(
                "price", e.shopping().map(s -> Numbers.price(s.price())).orElse(""));
        context.setVariable(
                "total", e.mass().map(m -> Numbers.massWithUnit(m.total())).orElse(""));
        context.setVariable("heavy", e.mass().filter(m -> m.total() > 25).isPresent());
        context.setVariable("letter", Presentation.current().isUs());
        return render(templates.process("papers/build-sheet", context));
    }

    private static byte[] render(String html) {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            PdfRendererBuilder builder = new PdfRendererBuilder();
            builder.useFont(font("atkinson-400"), "Atkinson", 400, PdfRendererBuilder.FontStyle.NORMAL, true);
            builder.useFont(font("atkinson-700"), "Atkinson", 700, PdfRendererBuilder.FontStyle.NORMAL, true);
            builder.useFont(font("piazzolla-700"), "Piazzolla", 700, PdfRendererBuilder.FontStyle.NORMAL, true);
            builder.useFont(font("piazzolla-400-italic"), "Piazzolla", 400, PdfRendererBuilder.FontStyle.ITALIC, true);
            builder.useSVGDrawer(new BatikSVGDrawer());
            // nothing is loaded from anywhere: the page holds all that it needs
            builder.useUriResolver((base, uri) -> null);
            builder.withHtmlContent(html, null);
            builder.toStream(out);
            builder.run();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toByteArray();
    }

    private static FSSupplier<InputStream> font(String name) {
        return () -> Papers.class.getResourceAsStream("/pdf-fonts/" + name + ".ttf");
    }
}
