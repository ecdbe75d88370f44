package retazo.app.packing;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PacketCodeTest {

    @Test
    void what_a_label_says_is_read_back() {
        PacketCode packet = new PacketCode("B00012", 3);

        assertThat(packet.written(1, 1)).isEqualTo("B00012-3");
        assertThat(packet.written(2, 5)).isEqualTo("B00012-3-2");
        assertThat(PacketCode.read(packet.written(1, 1))).contains(packet);
        assertThat(PacketCode.read(" " + packet.written(2, 5) + " ")).contains(packet);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "B00012", "B12-3", "B00012-", "B00012-x", "0012-1", "B00012-3-2-1", "B00012-99999"})
    void what_is_no_packet_is_not_read_as_one(String text) {
        assertThat(PacketCode.read(text)).isEmpty();
    }
}
