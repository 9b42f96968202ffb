package dev.huella.demo;

import static org.assertj.core.api.Assertions.assertThat;

import dev.huella.core.conformance.Finding;
import dev.huella.core.conformance.Verdict;
import dev.huella.core.match.Opportunity;
import dev.huella.core.model.CodeType;
import dev.huella.core.molde.Catalogue;
import dev.huella.core.project.Project;
import dev.huella.core.source.SourceFilter;
import dev.huella.core.source.Work;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Collectors;
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
        var findings = demo().find(Catalogue.shipped(), definition -> true, Work.QUIET);
        for (Finding finding : findings.all()) {
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
        for (Opportunity opportunity : findings.opportunities()) {
            text.append("suggested ").append(opportunity.definition().id()).append(' ');
            text.append(opportunity.about().stream().map(CodeType::qualifiedName).collect(Collectors.joining(" ")));
            text.append(", changes ").append(String.join(" ", opportunity.touches())).append('\n');
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
