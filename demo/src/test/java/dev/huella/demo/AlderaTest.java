package dev.huella.demo;

import static org.assertj.core.api.Assertions.assertThat;

import dev.huella.core.conformance.Verdict;
import dev.huella.core.molde.Catalogue;
import dev.huella.core.project.Finding;
import dev.huella.core.project.Project;
import dev.huella.core.source.SourceFilter;
import dev.huella.core.source.Work;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class AlderaTest {
    @TempDir
    Path folder;

    private Project demo() throws Exception {
        return Project.read(List.of(Aldera.copyTo(folder)), SourceFilter.ALL, Work.QUIET);
    }

    @Test
    void whatIsExpectedOfItIsFoundInIt() throws Exception {
        var text = new StringBuilder();
        for (Finding finding : demo().find(Catalogue.shipped(), definition -> true, Work.QUIET).all()) {
            text.append(finding.instance().id()).append('\n');
            finding.verdicts()
                    .stream()
                    .filter(verdict -> verdict.kind() != Verdict.Kind.MET)
                    .forEach(verdict -> text
                            .append("  ")
                            .append(verdict.kind().word())
                            .append(' ')
                            .append(verdict.obligation().id())
                            .append('\n'));
        }
        try (var in = Aldera.class.getResourceAsStream("/expected-finds.txt")) {
            assertThat(text.toString()).isEqualTo(new String(in.readAllBytes(), StandardCharsets.UTF_8));
        }
    }

    @Test
    void itIsAsLargeAsItSays() throws Exception {
        Project project = demo();
        assertThat(project.model().types().stream().filter(type -> !type.anonymous()).count())
                .isGreaterThanOrEqualTo(70);
        assertThat(project.model().files()).filteredOn(file -> !file.problems().isEmpty())
                .singleElement()
                .satisfies(file -> assertThat(file.path()).isEqualTo("aldera/radio/DistressRelay.java"));
        assertThat(project.model().outside()).anySatisfy(
                type -> assertThat(type.qualifiedName()).isEqualTo("com.northwindsignals.feed.FeedClient"));
    }
}
