package dev.huella.core.suite;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import dev.huella.core.conformance.Finding;
import dev.huella.core.conformance.Findings;
import dev.huella.core.conformance.Verdict;
import dev.huella.core.match.PatternInstance;
import dev.huella.core.model.Element;
import dev.huella.core.model.Model;
import dev.huella.core.molde.Catalogue;
import dev.huella.core.molde.PatternDefinition;
import dev.huella.core.molde.PatternDefinition.Role;
import dev.huella.core.project.Project;
import dev.huella.core.source.SourceFilter;
import dev.huella.core.source.Work;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * A folder with sources and a {@code case.json} that says what is to be found in them. The words of that file are those
 * of {@code docs/how-to/add-a-case.md}.
 */
public final class AcceptanceCase {
    private static final Set<String> KEYS = Set.of("title", "language", "closed", "expect", "allow", "absent",
            "obligations", "relations", "opportunities", "notOpportunities");
    private final Path folder;
    private final JsonNode wanted;
    private final List<String> differences = new ArrayList<>();

    private AcceptanceCase(Path folder) throws IOException {
        this.folder = folder;
        this.wanted = new ObjectMapper().readTree(folder.resolve("case.json").toFile());
    }

    /** What is missing and what is too much; empty when the case passes. */
    public static List<String> differences(Path folder) throws Exception {
        var one = new AcceptanceCase(folder);
        one.compare();
        return one.differences;
    }

    private void compare() throws Exception {
        wanted.fieldNames().forEachRemaining(key -> {
            if (!KEYS.contains(key)) {
                differences.add("unknown key " + key);
            }
        });
        Project project = Project.read(List.of(folder), SourceFilter.ALL, Work.QUIET);
        project.model()
                .files()
                .forEach(file -> file.problems().forEach(problem -> differences.add("unread: " + problem)));
        Findings findings = project.find(Catalogue.shipped(), definition -> true, Work.QUIET);
        Set<Finding> used = new HashSet<>();
        for (JsonNode want : wanted.path("expect")) {
            List<Finding> hits = findings.all().stream().filter(finding -> same(finding.instance(), want)).toList();
            used.addAll(hits);
            if (hits.isEmpty()) {
                differences.add("missed " + want.path("pattern").asText() + " " + want.path("roles"));
            } else {
                roles(want, hits);
            }
        }
        for (Finding finding : findings.all()) {
            boolean allowed = used.contains(finding);
            for (JsonNode allow : wanted.path("allow")) {
                allowed |= same(finding.instance(), allow);
            }
            if (wanted.path("closed").asBoolean() && !allowed) {
                differences.add("false " + finding.instance().id() + " (" + finding.instance().variant() + ")");
            }
        }
        absent(findings);
        obligations(findings);
        sentences(findings, project.model());
        opportunities(findings);
        relations(project.model());
        findings.remarks().forEach(remark -> differences.add("remark: " + remark));
    }

    private void relations(Model model) {
        Set<String> there = new LinkedHashSet<>();
        model.relations()
                .forEach(one -> there.add("%s %s %s".formatted(one.kind().word(), one.from().name(), one.to().name())));
        for (JsonNode want : wanted.path("relations")) {
            String relation = "%s %s %s".formatted(want.path("kind").asText(), want.path("from").asText(),
                    want.path("to").asText());
            if (!there.contains(relation)) {
                differences.add("no " + relation);
            }
        }
    }

    private void roles(JsonNode want, List<Finding> hits) {
        PatternDefinition pattern = hits.getFirst().instance().pattern();
        want.path("roles").properties().forEach(role -> {
            if (!key(pattern, role.getKey())) {
                Set<String> got = new LinkedHashSet<>();
                hits.forEach(hit -> got.addAll(players(hit.instance(), role.getKey())));
                role.getValue().forEach(name -> {
                    if (!got.contains(name.asText())) {
                        differences.add("%s: role %s lacks %s, has %s".formatted(pattern.id(), role.getKey(),
                                name.asText(), got));
                    }
                });
            }
        });
    }

    private void absent(Findings findings) {
        for (JsonNode absent : wanted.path("absent")) {
            for (Finding finding : findings.all()) {
                PatternInstance instance = finding.instance();
                if (instance.pattern().id().equals(absent.path("pattern").asText())
                        && plays(instance, absent.path("type").asText())) {
                    differences.add("taken for " + absent);
                }
            }
        }
    }

    private void obligations(Findings findings) {
        for (JsonNode owed : wanted.path("obligations")) {
            Set<String> verdicts = new LinkedHashSet<>();
            findings.all()
                    .stream()
                    .filter(finding -> finding.instance().pattern().id().equals(owed.path("pattern").asText())
                            && plays(finding.instance(), owed.path("key").asText()))
                    .flatMap(finding -> finding.verdicts().stream())
                    .filter(verdict -> verdict.obligation().id().equals(owed.path("id").asText()))
                    .forEach(verdict -> verdicts.add(verdict.kind().word()));
            if (!verdicts.contains(owed.path("verdict").asText())) {
                differences.add("%s got %s".formatted(owed, verdicts));
            }
        }
    }

    /** A verdict names what it is about: none of the definition's own names is left standing. */
    private void sentences(Findings findings, Model model) {
        for (Finding finding : findings.all()) {
            for (Verdict verdict : finding.verdicts()
                    .stream()
                    .filter(one -> one.kind() == Verdict.Kind.BROKEN)
                    .toList()) {
                for (String name : finding.instance().pattern().variables()) {
                    boolean own = Pattern.compile("(?<![\\w-])" + name + "(?![\\w-])").matcher(verdict.why()).find()
                            && String.valueOf(verdict.obligation().otherwise()).contains("{" + name)
                            && finding.instance().playing(name).isEmpty()
                            && model.elements().stream().noneMatch(element -> element.name().equals(name));
                    if (own) {
                        differences.add("nothing stands for " + name + " in: " + verdict.why());
                    }
                }
            }
        }
    }

    private void opportunities(Findings findings) {
        Set<String> told = new LinkedHashSet<>();
        findings.opportunities().forEach(one -> one.about().forEach(type -> told.add(one.id() + " " + type.name())));
        for (JsonNode want : wanted.path("opportunities")) {
            if (!told.contains(want.path("id").asText() + " " + want.path("about").asText())) {
                differences.add("opportunity missed " + want + " told " + told);
            }
        }
        for (JsonNode not : wanted.path("notOpportunities")) {
            if (told.contains(not.path("id").asText() + " " + not.path("about").asText())) {
                differences.add("false opportunity " + not);
            }
        }
    }

    private static boolean key(PatternDefinition pattern, String role) {
        return pattern.roles().stream().anyMatch(one -> one.key() && one.name().equals(role));
    }

    private static Set<String> players(PatternInstance instance, String role) {
        Set<String> names = new LinkedHashSet<>();
        instance.playing(role).stream().map(Element::name).forEach(names::add);
        return names;
    }

    private static boolean plays(PatternInstance instance, String type) {
        return instance.pattern()
                .roles()
                .stream()
                .filter(Role::key)
                .anyMatch(role -> players(instance, role.name()).contains(type));
    }

    private static boolean same(PatternInstance instance, JsonNode want) {
        if (!instance.pattern().id().equals(want.path("pattern").asText())) {
            return false;
        }
        for (Role role : instance.pattern().roles()) {
            Set<String> expected = new LinkedHashSet<>();
            want.path("roles").path(role.name()).forEach(name -> expected.add(name.asText()));
            Set<String> playing = players(instance, role.name());
            if (role.key() && !expected.isEmpty() && expected.stream().noneMatch(playing::contains)) {
                return false;
            }
        }
        return true;
    }
}
