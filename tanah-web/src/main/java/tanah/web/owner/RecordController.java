package tanah.web.owner;

import java.time.Clock;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import tanah.web.account.Keeper;
import tanah.web.account.SiteService;
import tanah.web.audit.Audit;
import tanah.web.audit.AuditKind;
import tanah.web.audit.AuditLine;
import tanah.web.forms.Presentation;
import tanah.web.shell.Words;

/** The record, for the owner of the site. */
@Controller
class RecordController {
    private static final int A_PAGE = 50;

    private final SiteService site;
    private final Audit audit;
    private final Words words;
    private final Clock clock;

    RecordController(SiteService site, Audit audit, Words words, Clock clock) {
        this.site = site;
        this.audit = audit;
        this.words = words;
        this.clock = clock;
    }

    /** A line in words. */
    record Line(String at, String what, String who, String subject, String address) {}

    /** A kind to choose. */
    record Kind(String word, String label) {}

    @GetMapping("/owner/record")
    String show(
            @RequestParam(defaultValue = "") String kind,
            @RequestParam(required = false) @Nullable Long before,
            @AuthenticationPrincipal Keeper keeper,
            Model model) {
        site.demandOwner(keeper);
        Optional<AuditKind> only = Arrays.stream(AuditKind.values())
                .filter(k -> k.word().equals(kind))
                .findFirst();
        List<AuditLine> lines = audit.page(only.map(AuditKind::word).orElse(null), before, A_PAGE + 1);
        List<AuditLine> shown = lines.subList(0, Math.min(A_PAGE, lines.size()));
        model.addAttribute("lines", shown.stream().map(this::line).toList());
        model.addAttribute(
                "kinds",
                Arrays.stream(AuditKind.values())
                        .map(k -> new Kind(k.word(), words.of("record." + k.word())))
                        .toList());
        model.addAttribute("kind", only.map(AuditKind::word).orElse(""));
        model.addAttribute("days", Audit.KEPT.toDays());
        model.addAttribute(
                "next", lines.size() > A_PAGE ? shown.get(shown.size() - 1).id() : null);
        return "owner/record";
    }

    private Line line(AuditLine l) {
        return new Line(
                Presentation.current().moment(l.at().atZoneSameInstant(clock.getZone())),
                words.of("record." + l.kind()),
                l.who(),
                l.subject(),
                l.address());
    }
}
