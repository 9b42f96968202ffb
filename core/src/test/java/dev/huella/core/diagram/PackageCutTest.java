package dev.huella.core.diagram;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

class PackageCutTest {
    private static final Map<String, Integer> PORT = Map.of("port", 2, "port.tide", 40, "port.tide.feed", 10,
            "port.dues", 3, "port.dues.tax", 1, "net", 5);

    @Test
    void allStandAloneWhereThereIsRoom() {
        assertThat(PackageCut.of(PORT, 6)).hasSize(6).containsEntry("port", List.of("port"));
    }

    @Test
    void theLargestIsDividedFirst() {
        assertThat(PackageCut.of(PORT, 4).keySet()).containsExactly("net", "port", "port.dues.*", "port.tide.*");
        assertThat(PackageCut.of(PORT, 5).keySet()).containsExactly("net", "port", "port.dues.*", "port.tide",
                "port.tide.feed");
        assertThat(PackageCut.of(PORT, 4)).containsEntry("port.tide.*", List.of("port.tide", "port.tide.feed"));
    }

    @Test
    void whatStandsInNothingStaysApart() {
        assertThat(PackageCut.of(Map.of("", 3, "a", 1, "b", 1), 1).keySet()).containsExactly("", "a", "b");
        assertThat(PackageCut.of(Map.of(), 5)).isEmpty();
    }

    @Test
    void everyPackageIsInOneGroupAndThereAreNoMoreGroupsThanAsked() {
        var random = new Random(7);
        for (int round = 0; round < 200; round++) {
            Map<String, Integer> types = new TreeMap<>();
            for (int number = 0; number < 60; number++) {
                types.put("root." + random.nextInt(4) + "." + random.nextInt(6) + (random.nextBoolean() ? ".in" : ""),
                        1 + random.nextInt(30));
            }
            int most = 1 + random.nextInt(40);
            Map<String, List<String>> groups = PackageCut.of(types, most);
            assertThat(groups.values().stream().flatMap(List::stream))
                    .containsExactlyInAnyOrderElementsOf(types.keySet());
            assertThat(groups.size()).isBetween(1, most);
            assertThat(PackageCut.of(types, types.size()).keySet()).isEqualTo(types.keySet());
        }
    }
}
