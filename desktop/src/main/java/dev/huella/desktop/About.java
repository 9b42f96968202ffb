package dev.huella.desktop;

import dev.huella.core.model.CodeType;

/** What the focus is, in a sentence below its name. */
final class About {
    private About() {}

    static String of(Focus focus) {
        return switch (focus) {
            case Focus.OfFind(var finding) -> Words.pattern(finding.instance().pattern().id())
                    + (finding.instance().variant().isEmpty()
                            ? ""
                            : ", " + finding.instance().variant().replace('-', ' '))
                    + ": " + finding.instance().pattern().about();
            case Focus.OfVerdict(var finding, var verdict) -> "%s of %s: %s".formatted(verdict.kind().word(),
                    Words.withArticle(finding.instance().pattern().id()), verdict.obligation().about());
            case Focus.OfType(CodeType type) -> type.kind().word() + " in "
                    + (type.namespace().isEmpty() ? "no package" : type.namespace()) + ", with its neighbours";
            case Focus.OfOpportunity(var opportunity) -> Words.pattern(opportunity.id()) + ": "
                    + opportunity.definition().about();
            case Focus.OfMiss(var miss) -> "nearly " + Words.withArticle(miss.pattern().id()) + ": "
                    + miss.pattern().about();
            case Focus.OfPackage _ -> "the types of this package and of those inside it";
            case Focus.OfSet(String _, var types) -> "%d types picked by hand".formatted(types.size());
            case Focus.OfOperation(var operation) -> "what follows from %s, as far as the code tells".formatted(
                    operation.signature());
            case Focus.OfWhole _ -> "how the packages depend on each other; a click on one opens it";
            case Focus.OfFile(String path, int _, Focus _) -> path;
            case Focus.Nothing _ -> "";
        };
    }
}
