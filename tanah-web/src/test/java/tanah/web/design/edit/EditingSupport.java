package tanah.web.design.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import tanah.core.catalogue.Catalogue;
import tanah.core.design.Design;
import tanah.files.catalogue.CatalogueReader;
import tanah.files.design.DesignReader;
import tanah.files.design.DesignWriter;
import tanah.files.design.Parsed;
import tanah.web.catalogue.Catalogues;
import tanah.web.design.words.PartNames;
import tanah.web.forms.FieldErrors;
import tanah.web.shell.Words;

/** What tests of edits of a stage share: the shipped catalogue, the examples, words that say their key, a clock that stands. */
public final class EditingSupport {
    public static final Catalogue CATALOGUE = CatalogueReader.read();
    public static final Design LIZARD = example("collared-lizard-arid");
    public static final Design FROG = example("mossy-frog-paludarium");
    public static final Design MILLIPEDE = example("giant-millipede-box");
    public static final Design EMPTY = Design.named("empty");

    /** What no number field takes, whatever it measures. */
    public static final List<String> WRONG = List.of("abc", "-7", "1e9", "12 furlongs", "5 5");

    public final Catalogues catalogues = catalogues();
    /** Any wording is its key and what is put into it. */
    public final Words words = mock(
            Words.class, call -> call.getMethod().getReturnType() == String.class ? said(call.getArguments()) : null);

    public final Clock clock = Clock.fixed(Instant.parse("2026-03-01T12:00:00Z"), ZoneOffset.UTC);
    public final Edits edits = new Edits(catalogues, clock);
    public final NumberEdit numbers = new NumberEdit(words, edits);
    public final PartNames names = new PartNames(words);

    private static String said(Object[] parts) {
        List<String> all = new ArrayList<>();
        for (Object part : parts) {
            if (part instanceof Object[] more) {
                for (Object one : more) {
                    all.add(String.valueOf(one));
                }
            } else {
                all.add(String.valueOf(part));
            }
        }
        return String.join(" ", all);
    }

    private static Catalogues catalogues() {
        Catalogues all = mock(Catalogues.class);
        when(all.of(any(Design.class))).thenReturn(CATALOGUE);
        return all;
    }

    public static Design example(String name) {
        try {
            byte[] document = Files.readAllBytes(Path.of("..", "docs", "examples", name + ".json"));
            return ((Parsed.Accepted) new DesignReader(CATALOGUE).read(document)).design();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The edits of a stage. */
    public interface Editing {
        EditOutcome apply(Design design, EditForm form, long keeper, FieldErrors errors);
    }

    /** What an edit came to, with what was wrong. */
    public record Done(Design before, EditOutcome outcome, FieldErrors errors) {
        public Design design() {
            return outcome.design();
        }

        /** It changed something and says what. */
        public Done taken() {
            assertThat(errors.all()).isEmpty();
            assertThat(outcome.design()).isNotEqualTo(before);
            assertThat(outcome.summary()).isNotBlank();
            return this;
        }

        /** It is told beside one field and nothing changed. */
        public Done refusedAt(String field) {
            assertThat(errors.all()).containsOnlyKeys(field);
            assertThat(outcome.design()).isSameAs(before);
            assertThat(outcome.summary()).isEmpty();
            return this;
        }

        /** Nothing changed and nothing is wrong. */
        public Done idle() {
            assertThat(errors.all()).isEmpty();
            assertThat(outcome.design()).isEqualTo(before);
            assertThat(outcome.summary()).isEmpty();
            return this;
        }

        /** The wording of what was wrong at a field. */
        public String wording(String field) {
            return errors.all().get(field).key();
        }
    }

    public static Done apply(Editing editing, Design design, String op, String part, String value, String other) {
        FieldErrors errors = new FieldErrors();
        EditOutcome outcome = editing.apply(design, new EditForm(1, op, part, value, other, false), 1, errors);
        // whatever an edit makes of a plan must be read again, or its keeper never sees the plan any more
        assertThat(new DesignReader(CATALOGUE).read(DesignWriter.write(outcome.design())))
                .isInstanceOf(Parsed.Accepted.class);
        return new Done(design, outcome, errors);
    }
}
