package tanah.web.catalogue;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;
import static tanah.web.design.edit.EditingSupport.CATALOGUE;
import static tanah.web.design.edit.EditingSupport.LIZARD;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tanah.core.design.Design;
import tanah.core.design.Device;
import tanah.files.catalogue.Kind;
import tanah.files.catalogue.OwnRows;
import tanah.files.catalogue.ShippedRows;
import tools.jackson.databind.JsonNode;

/** A keeper's own entries: what a plan uses travels with it, what it does not use stays at home, nothing wrong is stored. */
class OwnEntryServiceTest {
    private static final long KEEPER = 3;

    private final OwnEntryMapper rows = mock(OwnEntryMapper.class);
    private final OwnEntryService service = new OwnEntryService(rows, CATALOGUE);
    private final List<OwnEntry> stored = new ArrayList<>();

    @BeforeEach
    void keep() {
        when(rows.all(KEEPER)).thenAnswer(call -> List.copyOf(stored));
        when(rows.find(eq(KEEPER), anyString(), anyString()))
                .thenAnswer(call -> stored.stream()
                        .filter(e -> e.kind().equals(call.getArgument(1))
                                && e.entryId().equals(call.getArgument(2)))
                        .findFirst());
        org.mockito.Mockito.doAnswer(call -> stored.add(new OwnEntry(
                        call.getArgument(1),
                        call.getArgument(2),
                        call.getArgument(3),
                        call.getArgument(4),
                        call.getArgument(5),
                        0)))
                .when(rows)
                .insert(anyLong(), anyString(), anyString(), any(), anyString(), anyString());
    }

    /** The cells of a shipped lamp, to begin from. */
    private static Map<String, String> lamp(String name) {
        Map<String, String> cells = new LinkedHashMap<>(
                new ShippedRows().find(Kind.LAMPS, "halogen-flood-100").orElseThrow());
        cells.remove(Kind.LAMPS.key());
        cells.put("name", name);
        return cells;
    }

    private OwnEntryService.Outcome save(String name) {
        return service.save(KEEPER, Kind.LAMPS, null, "halogen-flood-100", lamp(name), "weighed and measured", 0);
    }

    @Test
    void anEntryIsStoredUnderAnIdOfItsOwn() {
        OwnEntryService.Outcome made = save("My lamp, 100 W");
        assertThat(made.problems()).isEmpty();
        assertThat(made.stale()).isFalse();
        assertThat(made.id()).isEqualTo("own-my-lamp-100-w");
        assertThat(save("My lamp, 100 W").id()).isEqualTo("own-my-lamp-100-w-2");
        assertThat(save("My lamp, 100 W").id()).isEqualTo("own-my-lamp-100-w-3");
        assertThat(stored).extracting(OwnEntry::entryId).doesNotHaveDuplicates();
    }

    @ParameterizedTest
    @CsvSource({"Lampe für Wärme, own-lampe-fur-warme", "???, own-entry", "  a  b , own-a-b", "<b>x</b>, own-b-x-b"})
    void anIdIsMadeOfPlainLetters(String name, String id) {
        assertThat(save(name).id()).isEqualTo(id);
    }

    @Test
    void aLongNameMakesAnIdThatEnds() {
        assertThat(save("x".repeat(70)).id().length()).isLessThanOrEqualTo(64);
    }

    @ParameterizedTest
    @CsvSource({"power_w, much", "power_w, -5", "category, teapot", "name, ''"})
    void aWrongCellIsToldByItsColumnAndNothingIsStored(String column, String wrong) {
        Map<String, String> cells = lamp("A lamp");
        assertThat(cells).containsKey(column);
        cells.put(column, wrong);
        OwnEntryService.Outcome outcome = service.save(KEEPER, Kind.LAMPS, null, null, cells, "", 0);
        assertThat(outcome.problems()).containsKey(column);
        verify(rows, never()).insert(anyLong(), anyString(), anyString(), any(), anyString(), anyString());
    }

    @Test
    void whoComesLateIsToldSo() {
        OwnEntryService.Outcome made = save("A lamp");
        when(rows.update(eq(KEEPER), eq("lamps"), eq(made.id()), anyString(), anyString(), anyInt()))
                .thenReturn(0);
        OwnEntryService.Outcome late = service.save(KEEPER, Kind.LAMPS, made.id(), null, lamp("B"), "", 1);
        assertThat(late.stale()).isTrue();
        when(rows.update(eq(KEEPER), eq("lamps"), eq(made.id()), anyString(), anyString(), eq(2)))
                .thenReturn(1);
        assertThat(service.save(KEEPER, Kind.LAMPS, made.id(), null, lamp("B"), "", 2)
                        .stale())
                .isFalse();
    }

    private static Design using(Design design, String lamp) {
        return design.withDevice("flood", d -> d.withItem(lamp));
    }

    @Test
    void aPlanTakesAlongJustWhatItUses() {
        String used = save("Used").id();
        save("At home");
        Design embedded = service.embed(KEEPER, using(LIZARD, used));
        JsonNode own = OwnRows.of(embedded);
        assertThat(own.path("lamps").size()).isEqualTo(1);
        assertThat(own.path("lamps").get(0).path(Kind.LAMPS.key()).asString()).isEqualTo(used);
        assertThat(OwnRows.catalogue(embedded, CATALOGUE).findLamp(used)).isPresent();
        // a plan of shipped things takes nothing
        assertThat(service.embed(KEEPER, LIZARD)).isSameAs(LIZARD);
        // what it no longer uses is left behind
        Design back = service.embed(KEEPER, using(embedded, "halogen-flood-100"));
        assertThat(OwnRows.of(back).path("lamps").isEmpty()).isTrue();
    }

    @Test
    void whatAPlanBroughtStaysAsItCame() {
        String id = save("Mine").id();
        Design brought = service.embed(KEEPER, using(LIZARD, id));
        stored.clear();
        Map<String, String> other = lamp("Mine");
        other.put(Kind.LAMPS.key(), id);
        other.put("power_w", "42");
        stored.add(
                new OwnEntry("lamps", id, null, OwnRows.typed(Kind.LAMPS, other).toString(), "", 1));
        Design again = service.embed(KEEPER, brought);
        assertThat(OwnRows.catalogue(again, CATALOGUE)
                        .findLamp(id)
                        .orElseThrow()
                        .power())
                .isEqualTo(OwnRows.catalogue(brought, CATALOGUE)
                        .findLamp(id)
                        .orElseThrow()
                        .power());
        // until the keeper asks for the present values
        Design fresh = service.refreshed(brought, Kind.LAMPS, OwnRows.typed(Kind.LAMPS, other));
        assertThat(OwnRows.catalogue(fresh, CATALOGUE)
                        .findLamp(id)
                        .orElseThrow()
                        .power())
                .isEqualTo(42);
    }

    @Test
    void everythingIsOfferedWhileItIsChosen() {
        String one = save("One").id();
        String two = save("Two").id();
        Design offered = service.offered(KEEPER, LIZARD);
        assertThat(OwnRows.catalogue(offered, CATALOGUE).findLamp(one)).isPresent();
        assertThat(OwnRows.catalogue(offered, CATALOGUE).findLamp(two)).isPresent();
        assertThat(service.missing(OwnRows.of(offered), KEEPER).isEmpty()).isTrue();
        stored.clear();
        assertThat(service.offered(KEEPER, LIZARD)).isSameAs(LIZARD);
    }

    @Test
    void anotherKeepersEntriesAreNotSeen() {
        save("Mine");
        assertThat(service.list(4)).isEmpty();
        assertThat(service.offered(4, LIZARD)).isSameAs(LIZARD);
        assertThat(service.find(4, Kind.LAMPS, "own-mine")).isEqualTo(Optional.empty());
        assertThat(LIZARD.devices()).extracting(Device::id).contains("flood");
    }
}
