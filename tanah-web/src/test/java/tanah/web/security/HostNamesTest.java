package tanah.web.security;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HostNamesTest {
    @ParameterizedTest
    @CsvSource({
        "'', localhost, true",
        "'', 127.0.0.1, true",
        "'', '[::1]', true",
        "'', 192.168.0.7, true",
        "'', '[fe80::1]', true",
        "'', fern, true",
        "'', Fern.local, true",
        "'', fern.home.arpa, true",
        "'', evil.example.com, false",
        "'', 127.0.0.1.evil.com, false",
        "'', fern.local.evil.com, false",
        "'', '', false",
        "'tanah.example.org, other.example', tanah.example.org, true",
        "'tanah.example.org, other.example', OTHER.example, true",
        "tanah.example.org, localhost, true",
        "tanah.example.org, fern, false",
        "tanah.example.org, 192.168.0.7, false",
        "tanah.example.org, x.tanah.example.org, false"
    })
    void onlyNamesOfTheSiteAreAnswered(String given, String host, boolean answered) {
        assertThat(HostNames.of(given).test(host)).isEqualTo(answered);
    }
}
