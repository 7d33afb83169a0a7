package tanah.web.design.start;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;
import static tanah.web.design.edit.EditingSupport.FROG;

import java.time.OffsetDateTime;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mockito.ArgumentCaptor;
import org.springframework.web.servlet.mvc.support.RedirectAttributesModelMap;
import tanah.core.design.Design;
import tanah.web.account.Keeper;
import tanah.web.catalogue.OwnEntryService;
import tanah.web.design.edit.EditingSupport;
import tanah.web.enclosure.ConflictException;
import tanah.web.enclosure.Enclosure;
import tanah.web.enclosure.EnclosureService;
import tanah.web.enclosure.Role;
import tanah.web.forms.ErrorWords;
import tanah.web.forms.FieldErrors;

/** A second kind is let in and taken out again; what is wrong is told beside its field and loses nothing. */
class CompanyControllerTest {
    private final EditingSupport with = new EditingSupport();
    private final EnclosureService enclosures = mock(EnclosureService.class);
    private final Keeper keeper = mock(Keeper.class);
    private final RedirectAttributesModelMap flash = new RedirectAttributesModelMap();
    private CompanyController controller;

    @BeforeEach
    void begin() {
        OwnEntryService own = mock(OwnEntryService.class);
        when(own.offered(anyLong(), any())).thenAnswer(c -> c.getArgument(1));
        ErrorWords errors = mock(ErrorWords.class);
        when(errors.of(any())).thenAnswer(c -> {
            Map<String, String> all = new HashMap<>();
            ((FieldErrors) c.getArgument(0)).all().forEach((field, message) -> all.put(field, message.key()));
            return all;
        });
        when(keeper.id()).thenReturn(7L);
        when(enclosures.changeable(7, 2))
                .thenReturn(new Enclosure(2, 5, "planning", OffsetDateTime.MIN, FROG, Role.OWNER, false, false, false));
        controller = new CompanyController(enclosures, with.catalogues, own, with.edits, errors, with.words);
    }

    private Design saved() {
        ArgumentCaptor<Design> design = ArgumentCaptor.forClass(Design.class);
        verify(enclosures).save(anyLong(), anyLong(), anyInt(), design.capture(), anyString());
        return design.getValue();
    }

    @Test
    void anotherKindJoins() {
        String to = controller.add(2, "bufo-bufo", "2", "6", " both wild ", keeper, flash);
        assertThat(to).isEqualTo("redirect:/enclosures/2/animal#company");
        Design design = saved();
        assertThat(design.animals()).hasSize(FROG.animals().size() + 1);
        var last = design.animals().get(design.animals().size() - 1);
        assertThat(last.species()).isEqualTo("bufo-bufo");
        assertThat(last.count()).isEqualTo(2);
        assertThat(last.length()).hasValue(0.06);
        assertThat(design.mixReason()).contains("both wild");
        assertThat(design.withAnimals(FROG.animals()).withMixReason(FROG.mixReason()))
                .isEqualTo(FROG);
    }

    @ParameterizedTest
    @CsvSource({
        "nobody, 1, '', '', other",
        "'', 1, '', '', other",
        "bufo-bufo, 0, '', '', otherCount",
        "bufo-bufo, 501, '', '', otherCount",
        "bufo-bufo, two, '', '', otherCount",
        "bufo-bufo, 1, -4, '', otherLength",
        "bufo-bufo, 1, long, '', otherLength"
    })
    void whatIsWrongIsToldBesideItsField(String kind, String count, String length, String reason, String field) {
        controller.add(2, kind, count, length, reason, keeper, flash);
        verify(enclosures, never()).save(anyLong(), anyLong(), anyInt(), any(), anyString());
        Map<?, ?> errors = (Map<?, ?>) flash.getFlashAttributes().get("companyErrors");
        assertThat(errors.keySet().stream().map(Object::toString).toList()).containsExactly(field);
        Map<?, ?> typed = (Map<?, ?>) flash.getFlashAttributes().get("companyTyped");
        assertThat(typed.get("other")).isEqualTo(kind);
        assertThat(typed.get("otherCount")).isEqualTo(count);
    }

    @Test
    void aReasonHasAnEnd() {
        controller.add(2, "bufo-bufo", "1", "", "x".repeat(401), keeper, flash);
        verify(enclosures, never()).save(anyLong(), anyLong(), anyInt(), any(), anyString());
        assertThat(((Map<?, ?>) flash.getFlashAttributes().get("companyErrors")).get("reason"))
                .isNotNull();
    }

    @Test
    void oneIsTakenOutAndWhoIsGoneChangesNothing() {
        String first = FROG.animals().get(0).id();
        controller.remove(2, first, keeper);
        assertThat(saved().animals()).extracting(a -> a.id()).doesNotContain(first);
        assertThat(controller.remove(2, "nobody", keeper)).isEqualTo("redirect:/enclosures/2/animal");
        verify(enclosures).save(anyLong(), anyLong(), anyInt(), any(), anyString());
    }

    @Test
    void somebodyElsesSaveIsPutTogether() {
        ConflictException conflict = mock(ConflictException.class);
        when(conflict.pending()).thenReturn(9L);
        when(enclosures.save(anyLong(), anyLong(), anyInt(), any(), anyString()))
                .thenThrow(conflict);
        assertThat(controller.add(2, "bufo-bufo", "1", "", "", keeper, flash))
                .isEqualTo("redirect:/enclosures/2/conflicts/9");
    }
}
