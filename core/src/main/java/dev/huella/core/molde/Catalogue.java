package dev.huella.core.molde;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The definitions there are: those shipped, then those given, which take the place of shipped ones by id. */
public final class Catalogue {
    private static final Catalogue SHIPPED = new Catalogue(ClauseForms.supplied()).withShipped();
    private final ClauseForms forms;
    private final Map<String, PatternDefinition> definitions = new LinkedHashMap<>();
    private final Map<String, DefinitionPage> pages = new LinkedHashMap<>();
    private final List<MoldeProblem> problems = new ArrayList<>();
    private final List<String> given = new ArrayList<>();

    private Catalogue(ClauseForms forms) {
        this.forms = forms;
    }

    public static Catalogue shipped() {
        return SHIPPED;
    }

    /** A catalogue with further files, each with the page of the same name beside it. Faulty definitions are left out and told among the problems. */
    public static Catalogue with(List<Path> files) {
        if (files.isEmpty()) {
            return SHIPPED;
        }
        var catalogue = new Catalogue(ClauseForms.supplied()).withShipped();
        for (Path file : files) {
            try {
                String text = Files.readString(file);
                catalogue.given.add(text);
                List<PatternDefinition> added = catalogue.add(file.toString(), text);
                Path page = file.resolveSibling(file.getFileName().toString().replaceAll("\\.molde$", "") + ".md");
                if (added.size() == 1 && Files.isReadable(page)) {
                    catalogue.pages.put(added.getFirst().id(), DefinitionPage.of(Files.readString(page)));
                }
            } catch (IOException e) {
                catalogue.problems.add(new MoldeProblem(file.toString(), 1, 1,
                        "This file could not be read (%s). Check its name and your right to read it."
                                .formatted(e.getClass().getSimpleName()),
                        ""));
            }
        }
        return catalogue;
    }

    private Catalogue withShipped() {
        add("library.molde", resource("library.molde"));
        for (String id : resource("index.txt").split("\\s+")) {
            add(id + "/definition.molde", resource(id + "/definition.molde"));
            pages.put(id, DefinitionPage.of(resource(id + "/page.md")));
        }
        add("opportunities.molde", resource("opportunities.molde"));
        if (!problems.isEmpty()) {
            throw new IllegalStateException(
                    "A shipped definition is faulty:%n%s".formatted(String.join(System.lineSeparator(),
                            problems.stream().map(MoldeProblem::toString).toList())));
        }
        return this;
    }

    private static String resource(String name) {
        try (var in = Catalogue.class.getResourceAsStream("catalogue/" + name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(name + " is missing from this build", e);
        }
    }

    private List<PatternDefinition> add(String source, String text) {
        MoldeCompiler.Result result = MoldeCompiler.compile(source, text, forms);
        result.definitions().forEach(definition -> definitions.put(definition.id(), definition));
        problems.addAll(result.problems());
        return result.definitions();
    }

    /** Shipped ones first, in the order of their ids. */
    public List<PatternDefinition> definitions() {
        return definitions.values().stream().filter(definition -> !definition.isOpportunity()).toList();
    }

    /** Shapes that ask for a pattern that is not there, in the order of their ids. */
    public List<PatternDefinition> opportunities() {
        return definitions.values().stream().filter(PatternDefinition::isOpportunity).toList();
    }

    /** Null when there is none. */
    public PatternDefinition definition(String id) {
        return definitions.get(id);
    }

    /** The page that comes with a definition; null when there is none. */
    public DefinitionPage page(String id) {
        return pages.get(id);
    }

    /** The texts of those that are not shipped, in the order given. */
    public List<String> given() {
        return List.copyOf(given);
    }

    public List<MoldeProblem> problems() {
        return List.copyOf(problems);
    }

    /** All sentences that a clause may be, with their meaning; phrases have none. */
    public Map<String, String> sentences() {
        Map<String, String> all = new LinkedHashMap<>();
        forms.all()
                .forEach(form -> all.put(String.join(" ", form.parts()),
                        form.clause() == null ? form.phrase().means().text() : form.clause().meaning()));
        return all;
    }
}
