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
        Optional<Long> own = searches.insert(keeper, enclosure, 1);
        assertThat(own).isPresent();
        assertThat(searches.insert(stranger, enclosure, 1)).isEmpty();
        assertThat(searches.newest(stranger, enclosure)).isEmpty();
        assertThat(searches.stop(stranger, enclosure)).isZero();
        assertThatThrownBy(() -> service.start(stranger, enclosure)).isInstanceOf(NotFoundException.class);
        assertThat(searches.newest(keeper, enclosure).orElseThrow().isOn()).isTrue();
        assertThat(searches.stop(keeper, enclosure)).isEqualTo(1);
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
        long id = searches.insert(keeper, enclosure, 1).orElseThrow();
        assertThat(searches.insert(keeper, enclosure, 1)).isEmpty();
        claim(me, id);
        assertThat(searches.progress(id, me, 40)).isEqualTo(1);
        assertThat(searches.newest(keeper, enclosure).orElseThrow().progress()).isEqualTo(40);
        assertThat(searches.stop(keeper, enclosure)).isEqualTo(1);
        assertThat(searches.progress(id, me, 50)).isZero();
        assertThat(searches.end(id, me, "done", "{}")).isZero();
        assertThat(searches.newest(keeper, enclosure).orElseThrow().state()).isEqualTo("stopped");
    }

    @Test
    void aSearchBelongsToTheProcessThatTookIt() {
        String me = UUID.randomUUID().toString();
        String other = UUID.randomUUID().toString();
        long id = searches.insert(keeper, enclosure, 1).orElseThrow();
        claim(me, id);
        assertThat(searches.claim(other).filter(c -> c.id() == id)).isEmpty();
        assertThat(searches.progress(id, other, 10)).isZero();
        assertThat(searches.end(id, other, "done", "{}")).isZero();
        assertThat(searches.leave(other)).isZero();
        assertThat(searches.newest(keeper, enclosure).orElseThrow().state()).isEqualTo("running");
        assertThat(searches.end(id, me, "done", "{}")).isEqualTo(1);
    }

    /** What a process that ends leaves behind, another takes up; what falls silent is said to have failed. */
    @Test
    void whatIsLeftWaitsAgainAndWhatIsSilentHasFailed() {
        String me = UUID.randomUUID().toString();
        long id = searches.insert(keeper, enclosure, 1).orElseThrow();
        claim(me, id);
        searches.lost(3600);
        assertThat(searches.newest(keeper, enclosure).orElseThrow().state())
                .as("it lives")
                .isEqualTo("running");
        assertThat(searches.beat(me)).isEqualTo(1);
        assertThat(searches.leave(me)).isEqualTo(1);
        assertThat(searches.newest(keeper, enclosure).orElseThrow().isOn()).isTrue();
        claim(me, id);
        searches.lost(-1);
        assertThat(searches.newest(keeper, enclosure).orElseThrow().state()).isEqualTo("failed");
        assertThat(searches.insert(keeper, enclosure, 1)).isPresent();
        searches.forget(enclosure);
        assertThat(searches.newest(keeper, enclosure).orElseThrow().isOn()).isTrue();
        searches.stop(keeper, enclosure);
    }
}
