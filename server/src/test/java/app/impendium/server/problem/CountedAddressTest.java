package app.impendium.server.problem;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CountedAddressTest {

    @ParameterizedTest
    @CsvSource({
        "203.0.113.7,                203.0.113.7",
        "2001:db8:1:2::1,            20010db800010002/64",
        "2001:db8:1:2:ffff:1:2:3,    20010db800010002/64",
        "2001:db8:1:3::1,            20010db800010003/64",
        "::ffff:203.0.113.7,         203.0.113.7",
        "not:an:address,             not:an:address"
    })
    void aNetworkOfTheSixthVersionCountsAsOne(String address, String counted) {
        assertThat(CountedAddress.of(address)).isEqualTo(counted);
    }
}
