package tanah.web.log;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.inOrder;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.mockito.ArgumentCaptor;
import org.mockito.InOrder;
import tanah.web.quota.Quotas;
import tanah.web.shell.NotFoundException;

/** What keeps readings, events, photos and labels: nothing is lost, nothing is doubled, nothing is another keeper's. */
class LogServicesTest {
    private static final long KEEPER = 3;
    private static final long BOX = 7;
    private static final OffsetDateTime NOON = OffsetDateTime.parse("2026-03-01T12:00:00+01:00");

    private final Quotas quotas = mock(Quotas.class);
    private final ReadingMapper rows = mock(ReadingMapper.class);
    private final ReadingService readings = new ReadingService(rows, quotas);
    private final EventMapper eventRows = mock(EventMapper.class);
    private final EventService events = new EventService(eventRows, quotas);
    private final PlaceCodeMapper codeRows = mock(PlaceCodeMapper.class);
    private final PlaceCodes codes = new PlaceCodes(codeRows);

    private static Reading reading(long id) {
        return new Reading(id, "p", "temp_air", 21.5, NOON, 4);
    }

    private static Reading.New fresh(int i) {
        return new Reading.New(BOX, "p", "temp_air", i, NOON.plusMinutes(i), "c" + i);
    }

    // ---- readings
    @Test
    void aReadingNeedsItsYearFirst() {
        when(rows.insert(KEEPER, fresh(1))).thenReturn(Optional.of(9L));
        assertThat(readings.add(KEEPER, fresh(1))).contains(9L);
        InOrder order = inOrder(rows);
        order.verify(rows).ensureYear(fresh(1).takenAt());
        order.verify(rows).insert(KEEPER, fresh(1));
    }

    @Test
    void manyReadingsAreStoredInPiecesAndNoneIsLeftOut() {
        List<Reading.New> all = new ArrayList<>();
        for (int i = 0; i < 1203; i++) {
            all.add(fresh(i));
        }
        readings.addAll(KEEPER, all);
        @SuppressWarnings("unchecked")
        ArgumentCaptor<List<Reading.New>> pieces = ArgumentCaptor.forClass(List.class);
        verify(rows, times(3)).insertAll(eq(KEEPER), pieces.capture());
        List<Reading.New> stored = new ArrayList<>();
        pieces.getAllValues().forEach(stored::addAll);
        assertThat(stored).isEqualTo(all);
        // one year, however many readings
        verify(rows, times(1)).ensureYear(any());
    }

    @Test
    void yearsAreThoseOfUniversalTime() {
        OffsetDateTime newYearInTheEast = OffsetDateTime.parse("2026-01-01T00:30:00+02:00");
        readings.addAll(KEEPER, List.of(new Reading.New(BOX, "p", "temp_air", 20, newYearInTheEast, "c")));
        verify(rows).ensureYear(OffsetDateTime.parse("2025-01-01T00:00:00Z"));
    }

    @Test
    void aChangeIsRememberedBeforeItIsMade() {
        when(rows.update(KEEPER, BOX, reading(5), false)).thenReturn(1);
        assertThat(readings.change(KEEPER, BOX, reading(5))).isTrue();
        InOrder order = inOrder(rows);
        order.verify(rows).remember(KEEPER, BOX, 5);
        order.verify(rows).update(KEEPER, BOX, reading(5), false);
        verify(rows, never()).forgetChange(anyLong(), anyLong(), anyLong());
    }

    @Test
    void whoComesLateChangesNothingAndLeavesNoTrace() {
        when(rows.update(KEEPER, BOX, reading(5), false)).thenReturn(0);
        assertThat(readings.change(KEEPER, BOX, reading(5))).isFalse();
        verify(rows).forgetChange(KEEPER, BOX, 5);
    }

    @Test
    void aReadingThatIsTakenOutCanBeTakenBack() {
        when(rows.find(KEEPER, BOX, 5)).thenReturn(Optional.of(reading(5)));
        when(rows.update(KEEPER, BOX, reading(5), true)).thenReturn(1);
        assertThat(readings.remove(KEEPER, BOX, 5)).isTrue();
        when(rows.takeBack(KEEPER, BOX, 5)).thenReturn(1);
        assertThat(readings.takeBack(KEEPER, BOX, 5)).isTrue();
        verify(rows).forgetChange(KEEPER, BOX, 5);
        assertThat(readings.remove(KEEPER, BOX, 6)).isFalse();
        assertThat(readings.takeBack(KEEPER, BOX, 6)).isFalse();
        assertThatThrownBy(() -> readings.get(KEEPER, BOX, 6)).isInstanceOf(NotFoundException.class);
    }

    @Test
    void allReadingsAreHandedOutOnceInPieces() {
        List<Reading> first = new ArrayList<>();
        for (int i = 1; i <= 5000; i++) {
            first.add(reading(i));
        }
        when(rows.all(eq(KEEPER), eq(BOX), any(), eq(0L), anyInt())).thenReturn(first);
        when(rows.all(eq(KEEPER), eq(BOX), eq(NOON), eq(5000L), anyInt())).thenReturn(List.of(reading(5001)));
        List<Long> seen = new ArrayList<>();
        readings.each(KEEPER, BOX, r -> seen.add(r.id()));
        assertThat(seen).hasSize(5001).doesNotHaveDuplicates().endsWith(5001L);
    }

    @Test
    void aDayIsItsLowestAndItsHighestInTheOrderOfTheirTimes() {
        OffsetDateTime since = NOON.minusDays(3);
        when(rows.days(KEEPER, BOX, "p", "temp_air", since))
                .thenReturn(List.of(
                        new ReadingMapper.Day(18, NOON.plusHours(3), 27, NOON),
                        new ReadingMapper.Day(20, NOON.plusDays(1), 20, NOON.plusDays(1))));
        List<Reading> course = readings.extremes(KEEPER, BOX, "p", "temp_air", since);
        assertThat(course).extracting(Reading::value).containsExactly(27.0, 18.0, 20.0);
        assertThat(course).extracting(Reading::takenAt).isSorted();
    }

    // ---- events and photos
    private static Event.New event(String kind, String note) {
        return new Event.New(kind, note, null, NOON, "c");
    }

    private static Photos.Made photo(int bytes) {
        return new Photos.Made(new byte[bytes], new byte[1], 40, 30);
    }

    @Test
    void anEventComesWithItsPhotosOrNotAtAll() {
        when(eventRows.insert(KEEPER, BOX, event("fed", "two crickets"))).thenReturn(Optional.of(11L));
        when(eventRows.insertPhoto(eq(KEEPER), eq(BOX), eq(11L), anyInt(), anyInt(), anyInt()))
                .thenReturn(Optional.of(21L));
        assertThat(events.add(KEEPER, BOX, event("fed", "two crickets"), List.of(photo(5), photo(6))))
                .contains(11L);
        verify(eventRows, times(2)).insertContent(eq(KEEPER), eq(21L), eq("full"), any());
        verify(eventRows, times(2)).insertContent(eq(KEEPER), eq(21L), eq("small"), any());
        when(eventRows.insertPhoto(anyLong(), anyLong(), anyLong(), anyInt(), anyInt(), anyInt()))
                .thenReturn(Optional.empty());
        assertThatThrownBy(() -> events.add(KEEPER, BOX, event("fed", "two crickets"), List.of(photo(5))))
                .isInstanceOf(NotFoundException.class);
    }

    @Test
    void theSameEventSentTwiceIsStoredOnceWithoutItsPhotosAgain() {
        when(eventRows.insert(anyLong(), anyLong(), any())).thenReturn(Optional.empty());
        assertThat(events.add(KEEPER, BOX, event("fed", ""), List.of(photo(5)))).isEmpty();
        verify(eventRows, never()).insertPhoto(anyLong(), anyLong(), anyLong(), anyInt(), anyInt(), anyInt());
    }

    @Test
    void aStaleChangeStoresNoPhoto() {
        when(eventRows.update(KEEPER, BOX, 11, 2, event("fed", "x"))).thenReturn(0);
        assertThat(events.change(KEEPER, BOX, 11, 2, event("fed", "x"), List.of(photo(5))))
                .isFalse();
        verify(eventRows, never()).insertContent(anyLong(), anyLong(), anyString(), any());
    }

    @Test
    void whatIsNotThereIsNotFound() {
        assertThatThrownBy(() -> events.get(KEEPER, BOX, 1)).isInstanceOf(NotFoundException.class);
        assertThatThrownBy(() -> events.picture(KEEPER, BOX, 1, true)).isInstanceOf(NotFoundException.class);
        assertThat(events.setDeleted(KEEPER, BOX, 1, true)).isFalse();
    }

    @ParameterizedTest
    @ValueSource(strings = {"fed", "misted", "cleaned", "shed", "weighed", "died", "moved_in", "note"})
    void kindsOfEventsAreKnown(String kind) {
        assertThat(EventService.isKnown(event(kind, ""))).isTrue();
        assertThat(EventService.isKnown(event(kind, "x".repeat(2000)))).isTrue();
        assertThat(EventService.isKnown(event(kind, "x".repeat(2001)))).isFalse();
        assertThat(EventService.isKnown(event(kind + "x", ""))).isFalse();
    }

    // ---- labels
    @Test
    void aPlaceKeepsItsCode() {
        when(codeRows.all(KEEPER, BOX)).thenReturn(List.of(new PlaceCodes.Code("p", "abc234")));
        assertThat(codes.of(KEEPER, BOX, "p")).isEqualTo("abc234");
        verify(codeRows, never()).insert(anyLong(), anyLong(), anyString(), anyString());
    }

    @Test
    void aNewCodeHasSixLettersThatNobodyMistakes() {
        List<PlaceCodes.Code> made = new ArrayList<>();
        when(codeRows.all(KEEPER, BOX)).thenAnswer(call -> List.copyOf(made));
        org.mockito.Mockito.doAnswer(call -> made.add(new PlaceCodes.Code(call.getArgument(2), call.getArgument(3))))
                .when(codeRows)
                .insert(eq(KEEPER), eq(BOX), anyString(), anyString());
        String code = codes.of(KEEPER, BOX, "p");
        assertThat(code).matches("[a-hj-km-np-z2-9]{6}").doesNotContain("i", "l", "o", "0", "1");
        assertThat(codes.of(KEEPER, BOX, "p")).isEqualTo(code);
    }

    @Test
    void whoMayNotSeeTheBoxGetsNoCodeAndFindsNone() {
        when(codeRows.all(KEEPER, BOX)).thenReturn(List.of());
        assertThatThrownBy(() -> codes.of(KEEPER, BOX, "p")).isInstanceOf(NotFoundException.class);
        when(codeRows.find(KEEPER, "abc234")).thenReturn(Optional.empty());
        assertThatThrownBy(() -> codes.find(KEEPER, "abc234")).isInstanceOf(NotFoundException.class);
    }
}
