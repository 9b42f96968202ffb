package dev.huella.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import dev.huella.core.drawing.Fonts;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CaptionLinesTest {
    @Test
    void theNameOfAFrameStaysOnOneLine() {
        assertThat(CaptionLines.line("port.moorings", 90, 9).lines()).containsExactly("port.moorings");
        assertThat(CaptionLines.line("port.moorings", 40, 9).lines()).containsExactly("moorings");
        assertThat(CaptionLines.line("port.moorings", 90, 4).size()).isEqualTo(9.5);
        assertThat(CaptionLines.line("Extraordinary", 30, 12).lines()).singleElement().asString().endsWith("…");
    }

    @Test
    void aNameThatFitsStaysOnOneLine() {
        assertThat(CaptionLines.of("TideGauge", 100, 30)).isEqualTo(new CaptionLines(List.of("TideGauge"), 11));
    }

    @Test
    void aLongNameIsBrokenBeforeItsCapitals() {
        assertThat(CaptionLines.of("HarbourMasterDesk", 50, 60).lines()).containsExactly("Harbour", "Master", "Desk");
    }

    @Test
    void ofAPackageTheLastPartIsKept() {
        assertThat(CaptionLines.of("port.moorings.winches", 40, 12).lines()).containsExactly("winches");
    }

    @Test
    void whereThereIsNoRoomNothingIsWritten() {
        assertThat(CaptionLines.of("TideGauge", 60, 5).lines()).isEmpty();
        assertThat(CaptionLines.of("TideGauge", 6, 40).lines()).isEmpty();
        assertThat(CaptionLines.of("Extraordinary", 30, 12).lines()).singleElement().asString().endsWith("…");
    }

    @ParameterizedTest
    @CsvSource({"HarbourMasterDesk, 34, 26", "a_b_c_long_one, 20, 40", "X, 9, 9", "port.tide, 300, 12",
            "concrete-observer and more, 60, 44"})
    void whatIsWrittenFits(String name, int width, int height) {
        CaptionLines lines = CaptionLines.of(name, width, height);
        assertThat(lines.height()).isLessThanOrEqualTo(height + 1.0);
        assertThat(lines.lines()).allSatisfy(
                line -> assertThat(Fonts.width(line, lines.size(), false, false)).isLessThanOrEqualTo(width));
    }
}
