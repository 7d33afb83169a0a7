package tanah.web.find;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Optional;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import tanah.core.design.Design;
import tanah.web.SharedApplication;
import tanah.web.account.KeeperService;
import tanah.web.enclosure.EnclosureService;
import tanah.web.shell.NotFoundException;

/** Searches as they are stored, on a real PostgreSQL. */
@SharedApplication
class SearchDataIT {
    private final SearchMapper searches;
    private final SearchService service;
    private final EnclosureService enclosures;
    private final KeeperService keepers;
    private long keeper;
    private long stranger;
    private long enclosure;

    @Autowired
    SearchDataIT(SearchMapper searches, SearchService service, EnclosureService enclosures, KeeperService keepers) {
        this.searches = searches;
        this.service = service;
        this.enclosures = enclosures;
        this.keepers = keepers;
    }

    @BeforeEach
    void register() {
        keeper = keepers.register("k" + UUID.randomUUID(), "a long enough word").orElseThrow();
        stranger =
                keepers.register("s" + UUID.randomUUID(), "a long enough word").orElseThrow();
        enclosure = enclosures.create(keeper, Design.named("box"), "planning", "begun");
    }

    @Test
    void aStrangerNeitherSeesNorStartsNorStopsASearch() {
        Optional<Long> own = searches.insert(keeper, enclosure, 1, "equipment", "");
        assertThat(own).isPresent();
        assertThat(searches.insert(stranger, enclosure, 1, "equipment", "")).isEmpty();
        assertThat(searches.newest(stranger, enclosure, "equipment")).isEmpty();
        assertThat(searches.stop(stranger, enclosure, "equipment")).isZero();
        assertThatThrownBy(() -> service.start(stranger, enclosure, "equipment", ""))
                .isInstanceOf(NotFoundException.class);
        assertThat(searches.newest(keeper, enclosure, "equipment").orElseThrow().isOn())
                .isTrue();
        assertThat(searches.stop(keeper, enclosure, "equipment")).isEqualTo(1);
    }

    /** Takes what waits until it is this one; others of the same test database are stopped on the way. */
    private void claim(String owner, long id) {
        for (int i = 0; i < 50; i++) {
            Optional<SearchMapper.Claim> taken = searches.claim(owner);
            if (taken.filter(c -> c.id() == id).isPresent()) {
                return;
            }
        }
        throw new AssertionError("search " + id + " does not wait");
    }

    @Test
    void oneRunsAtATimeAndWhatWasStoppedStaysStopped() {
        String me = UUID.randomUUID().toString();
        long id = searches.insert(keeper, enclosure, 1, "equipment", "").orElseThrow();
        assertThat(searches.insert(keeper, enclosure, 1, "equipment", "")).isEmpty();
        claim(me, id);
        assertThat(searches.progress(id, me, 40, "")).isEqualTo(1);
        assertThat(searches.newest(keeper, enclosure, "equipment").orElseThrow().progress())
                .isEqualTo(40);
        assertThat(searches.stop(keeper, enclosure, "equipment")).isEqualTo(1);
        assertThat(searches.progress(id, me, 50, "")).isZero();
        assertThat(searches.end(id, me, "done", "{}")).isZero();
        assertThat(searches.newest(keeper, enclosure, "equipment").orElseThrow().state())
                .isEqualTo("stopped");
    }

    @Test
    void aSearchBelongsToTheProcessThatTookIt() {
        String me = UUID.randomUUID().toString();
        String other = UUID.randomUUID().toString();
        long id = searches.insert(keeper, enclosure, 1, "equipment", "").orElseThrow();
        claim(me, id);
        assertThat(searches.claim(other).filter(c -> c.id() == id)).isEmpty();
        assertThat(searches.progress(id, other, 10, "")).isZero();
        assertThat(searches.end(id, other, "done", "{}")).isZero();
        assertThat(searches.leave(other)).isZero();
        assertThat(searches.newest(keeper, enclosure, "equipment").orElseThrow().state())
                .isEqualTo("running");
        assertThat(searches.end(id, me, "done", "{}")).isEqualTo(1);
    }

    private String state() {
        return searches.newest(keeper, enclosure, "equipment").orElseThrow().state();
    }

    /** What a process that ends leaves behind, another takes up. */
    @Test
    void whatIsLeftWaitsAgain() {
        String me = UUID.randomUUID().toString();
        long id = searches.insert(keeper, enclosure, 1, "equipment", "").orElseThrow();
        claim(me, id);
        searches.lost(3600, 3);
        assertThat(state()).as("it lives").isEqualTo("running");
        assertThat(searches.leave(me)).isEqualTo(1);
        assertThat(state()).isEqualTo("waiting");
        searches.stop(keeper, enclosure, "equipment");
    }

    /** A plan that kills its process is not tried for ever. */
    @Test
    void whatFellSilentIsTriedAgainTwiceAndHasFailedThen() {
        long id = searches.insert(keeper, enclosure, 1, "equipment", "").orElseThrow();
        for (int i = 1; i <= 2; i++) {
            claim(UUID.randomUUID().toString(), id);
            searches.lost(-1, 3);
            assertThat(state()).as("begun %d times", i).isEqualTo("waiting");
        }
        claim(UUID.randomUUID().toString(), id);
        searches.lost(-1, 3);
        assertThat(state()).isEqualTo("failed");
        assertThat(searches.insert(keeper, enclosure, 1, "equipment", "")).isPresent();
        searches.forget(enclosure, "equipment");
        assertThat(searches.newest(keeper, enclosure, "equipment").orElseThrow().isOn())
                .isTrue();
        searches.stop(keeper, enclosure, "equipment");
    }

    /** A process whose database was away while it ended a search lives on; that search must not look alive by it. */
    @Test
    void aProcessSpeaksForTheSearchOnlyThatItWorksOn() {
        String me = UUID.randomUUID().toString();
        long id = searches.insert(keeper, enclosure, 1, "equipment", "").orElseThrow();
        claim(me, id);
        assertThat(searches.beat(me, 0)).isZero();
        assertThat(searches.beat(UUID.randomUUID().toString(), id)).isZero();
        assertThat(searches.beat(me, id)).isEqualTo(1);
        searches.stop(keeper, enclosure, "equipment");
    }
}
