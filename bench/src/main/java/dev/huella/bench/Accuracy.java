package dev.huella.bench;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import dev.huella.core.conformance.Finding;
import dev.huella.core.conformance.Findings;
import dev.huella.core.match.PatternInstance;
import dev.huella.core.model.Element;
import dev.huella.core.molde.Catalogue;
import dev.huella.core.molde.PatternDefinition.Role;
import dev.huella.core.project.Project;
import dev.huella.core.source.SourceFilter;
import dev.huella.core.source.Work;
import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.PrintStream;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;

/**
 * Holds the finds in published code against instances known in it. Prints recall over the sure ones, what was missed,
 * precision over those finds that a person has read, and every find that nobody has judged yet.
 */
public final class Accuracy {
    private static final PrintStream OUT = new PrintStream(new FileOutputStream(FileDescriptor.out), true);
    private final JsonNode truth;
    private final Findings findings;
    private final Set<Finding> known = new HashSet<>();

    private Accuracy(JsonNode truth, Findings findings) {
        this.truth = truth;
        this.findings = findings;
    }

    /**
     * Runs once.
     *
     * @param args name of a list in the resources' folder {@code truth}, and the folder with the code
     */
    public static void main(String[] args) throws Exception {
        if (args.length != 2) {
            OUT.println("usage: Accuracy LIST FOLDER, where LIST is the name of a file in the folder truth");
            System.exit(2);
        }
        JsonNode truth;
        try (var in = Accuracy.class.getResourceAsStream("/truth/" + args[0] + ".json")) {
            truth = new ObjectMapper().readTree(in);
        }
        Project project = Project.read(List.of(Path.of(args[1])), SourceFilter.ALL, Work.QUIET);
        Findings findings = project.find(Catalogue.shipped(), definition -> true, Work.QUIET);
        OUT.printf("%,d types, %,d finds, %,d near misses, %,d opportunities%n",
                project.model().declared().size(),
                findings.all().size(), findings.nearMisses().size(), findings.opportunities().size());
        new Accuracy(truth, findings).report();
    }

    private void report() {
        int sure = 0;
        int found = 0;
        for (JsonNode instance : truth.path("instances")) {
            List<Finding> hits = findings.all().stream().filter(finding -> is(finding.instance(), instance)).toList();
            known.addAll(hits);
            if (instance.path("sure").asBoolean()) {
                sure++;
                found += hits.isEmpty() ? 0 : 1;
                if (hits.isEmpty()) {
                    OUT.println("missed " + instance.path("patterns") + " " + instance.path("roles"));
                }
            }
        }
        OUT.printf("recall %d of %d%n", found, sure);
        Set<String> right = judged("right");
        Set<String> wrong = judged("wrong");
        long good = findings.all().stream().filter(find -> known.contains(find) || right.contains(id(find))).count();
        long bad = findings.all()
                .stream()
                .filter(find -> !known.contains(find) && wrong.contains(id(find)))
                .count();
        if (good + bad > 0) {
            OUT.printf("precision %d of %d judged, %d not judged%n", good, good + bad,
                    findings.all().size() - good - bad);
        }
        Map<String, Integer> counts = new TreeMap<>();
        findings.all().forEach(finding -> counts.merge(finding.instance().pattern().id(), 1, Integer::sum));
        OUT.println(counts);
        findings.all()
                .stream()
                .filter(finding -> !known.contains(finding) && !right.contains(id(finding)))
                .forEach(finding -> OUT.println((wrong.contains(id(finding)) ? "  wrong " : "  also ") + id(finding)));
    }

    private Set<String> judged(String how) {
        Set<String> ids = new HashSet<>();
        truth.path("judged").path(how).forEach(id -> ids.add(id.asText()));
        return ids;
    }

    private static String id(Finding finding) {
        return finding.instance().id();
    }

    private static boolean is(PatternInstance instance, JsonNode wanted) {
        Set<String> patterns = new LinkedHashSet<>();
        wanted.path("patterns").forEach(id -> patterns.add(id.asText()));
        boolean compared = false;
        for (Role role : instance.pattern().roles()) {
            Set<String> names = new LinkedHashSet<>();
            wanted.path("roles").path(role.name()).forEach(name -> names.add(simple(name.asText())));
            if (role.key() && !names.isEmpty()) {
                compared = true;
                if (instance.playing(role.name()).stream().map(Element::name).noneMatch(names::contains)) {
                    return false;
                }
            }
        }
        return compared && patterns.contains(instance.pattern().id());
    }

    private static String simple(String name) {
        return name.substring(name.replace('$', '.').lastIndexOf('.') + 1);
    }
}
