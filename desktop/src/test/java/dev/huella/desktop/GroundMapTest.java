package dev.huella.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;

import dev.huella.core.model.CodeType;
import dev.huella.desktop.GroundMap.Plot;
import dev.huella.desktop.GroundMap.Spot;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;

class GroundMapTest {
    private static final double WIDTH = 1280;

    private static Map<String, List<CodeType>> packages(int number, int most, Random random) {
        Map<String, List<CodeType>> packages = new TreeMap<>();
        for (int at = 0; at < number; at++) {
            String name = "port." + (char) ('a' + random.nextInt(8)) + ".quay" + at;
            int types = 1 + random.nextInt(most);
            List<CodeType> inside = new ArrayList<>();
            for (int type = 0; type < types; type++) {
                inside.add(mock(CodeType.class));
            }
            packages.put(name, inside);
        }
        return packages;
    }

    private static void lieSideBySide(GroundMap map) {
        double before = 0;
        for (Plot plot : map.plots()) {
            assertThat(plot.x()).isGreaterThan(before);
            before = plot.x() + plot.width();
        }
        assertThat(before).isLessThanOrEqualTo(WIDTH - GroundMap.SIDE + 0.5);
    }

    private static void everyTypeHasOneSpotInsideItsPlot(Plot plot) {
        List<Spot> spots = plot.spots();
        assertThat(spots.stream().flatMap(spot -> spot.types().stream())).containsExactlyElementsOf(plot.types());
        for (Spot spot : spots) {
            assertThat(spot.x()).isGreaterThanOrEqualTo(plot.x());
            assertThat(spot.x() + spot.width()).isLessThanOrEqualTo(plot.x() + plot.width() + 0.5);
            assertThat(spot.y() + spot.height()).isLessThanOrEqualTo(GroundMap.TOP + GroundMap.HEIGHT);
            assertThat(spots.stream()
                    .filter(other -> other.holds(spot.x() + spot.width() / 2,
                            spot.y() + spot.height() / 2)))
                    .containsExactly(spot);
        }
    }

    @Test
    void allFitsWithEachTypeInOneSpotHoweverLargeTheCode() {
        var random = new Random(3);
        for (int[] size : new int[][]{{1, 1}, {5, 9}, {30, 20}, {200, 10}, {400, 60}}) {
            GroundMap map = GroundMap.of(packages(size[0], size[1], random), WIDTH);
            lieSideBySide(map);
            map.plots().forEach(GroundMapTest::everyTypeHasOneSpotInsideItsPlot);
        }
    }

    @Test
    void manyPackagesArePutTogetherAndStayWideEnoughToBePointedAt() {
        Map<String, List<CodeType>> packages = packages(400, 40, new Random(5));
        GroundMap map = GroundMap.of(packages, WIDTH);
        assertThat(map.plots()).hasSizeLessThan(60).allSatisfy(plot -> assertThat(plot.width()).isGreaterThan(11));
        assertThat(map.plots().stream().flatMap(plot -> plot.packages().stream()))
                .containsExactlyInAnyOrderElementsOf(packages.keySet());
        assertThat(map.plots()).filteredOn(plot -> plot.types().size() > 10).isNotEmpty().noneMatch(Plot::bars);
    }

    @Test
    void fewTypesStandSideBySide() {
        GroundMap map = GroundMap.of(packages(6, 20, new Random(1)), WIDTH);
        assertThat(map.plots()).hasSize(6).allMatch(Plot::bars);
        Plot second = map.plots().get(1);
        assertThat(map.plotAt(second.x() + 1)).isSameAs(second);
        assertThat(map.plotAt(2)).isNull();
        assertThat(GroundMap.of(Map.of(), WIDTH).plots()).isEmpty();
    }

    @Test
    void plotsThatEndAlikeAreNamedWithThePartBefore() {
        CodeType type = mock(CodeType.class);
        GroundMap map = GroundMap
                .of(Map.of("port.tide.feed", List.of(type), "port.dues.feed", List.of(type), "port.lock",
                        List.of(type), "", List.of(type)), WIDTH);
        assertThat(map.plots()).extracting(Plot::shortName)
                .containsExactlyInAnyOrder("tide.feed", "dues.feed", "lock", "no package");
    }
}
