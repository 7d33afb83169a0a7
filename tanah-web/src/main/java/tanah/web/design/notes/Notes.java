package tanah.web.design.notes;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Component;
import tanah.core.catalogue.Catalogue;
import tanah.core.evaluate.Evaluation;
import tanah.core.finding.Finding;
import tanah.core.finding.Place;
import tanah.core.finding.Remedy;
import tanah.core.finding.Remedy.Action;
import tanah.core.finding.Severity;
import tanah.core.finding.Stage;
import tanah.web.design.words.FindingWords;
import tanah.web.design.words.PartNames;
import tanah.web.shell.Words;

/** Makes notes of findings: letters for the worst, words, buttons. */
@Component
public class Notes {
    private static final int MOST_LETTERS = 8;

    private final FindingWords words;
    private final PartNames names;
    private final Words common;

    Notes(FindingWords words, PartNames names, Words common) {
        this.common = common;
        this.words = words;
        this.names = names;
    }

    /**
     * @param base path of the enclosure, or empty while there is none
     */
    public List<NoteView> of(Evaluation evaluation, Catalogue catalogue, String base) {
        return of(evaluation, catalogue, base, true);
    }

    /**
     * @param base      path of the enclosure, or empty while there is none
     * @param mayChange whether the one who looks may take a remedy
     */
    public List<NoteView> of(Evaluation evaluation, Catalogue catalogue, String base, boolean mayChange) {
        List<NoteView> notes = new ArrayList<>();
        int letter = 0;
        for (Finding finding : evaluation.findings()) {
            boolean lettered = finding.severity() != Severity.GOOD && letter < MOST_LETTERS;
            notes.add(new NoteView(
                    key(finding),
                    finding.severity(),
                    common.of("severity", finding.severity()),
                    lettered ? String.valueOf((char) ('a' + letter++)) : "",
                    words.title(finding),
                    words.reason(finding),
                    place(finding.place(), evaluation, catalogue),
                    finding.place().stage().word(),
                    remedies(finding, base, mayChange)));
        }
        return notes;
    }

    /** Names a finding within one evaluation. */
    public static String key(Finding finding) {
        return finding.rule() + "@" + finding.place().word();
    }

    private String place(Place place, Evaluation evaluation, Catalogue catalogue) {
        return place.part().isEmpty() ? "" : names.of(place.part(), evaluation.design(), catalogue);
    }

    private List<NoteView.RemedyView> remedies(Finding finding, String base, boolean mayChange) {
        List<NoteView.RemedyView> views = new ArrayList<>();
        for (int i = 0; i < finding.remedies().size(); i++) {
            Remedy remedy = finding.remedies().get(i);
            String kind = mayChange ? "press" : "hand";
            String href = "";
            if (!remedy.changesPlan() || !remedy.heals()) {
                kind = "hand";
            }
            if (remedy.action() instanceof Action.GoTo go) {
                kind = base.isEmpty() || !mayChange ? "hand" : "go";
                href = base + "/" + target(go.stage());
            } else if (remedy.action() instanceof Action.Find) {
                kind = base.isEmpty() || !mayChange ? "hand" : "go";
                href = base + "/find";
            }
            views.add(new NoteView.RemedyView(i, said(remedy), kind, href));
        }
        return views;
    }

    /** In words; one that would bring something worse says so. */
    private String said(Remedy remedy) {
        return remedy.trial()
                .flatMap(Remedy.Trial::brings)
                .map(f -> common.of("remedy.brings", words.remedy(remedy), words.title(f)))
                .orElseGet(() -> words.remedy(remedy));
    }

    private static String target(Stage stage) {
        return stage.name().toLowerCase(Locale.ROOT);
    }
}
