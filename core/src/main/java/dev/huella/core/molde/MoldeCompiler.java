package dev.huella.core.molde;

import dev.huella.core.molde.PatternDefinition.Asks;
import dev.huella.core.molde.PatternDefinition.Level;
import dev.huella.core.molde.PatternDefinition.Obligation;
import dev.huella.core.molde.PatternDefinition.Role;
import dev.huella.core.molde.PatternDefinition.Unclear;
import dev.huella.core.molde.PatternDefinition.Unlike;
import dev.huella.core.molde.PatternDefinition.Variant;
import dev.huella.core.molde.PatternDefinition.Yield;
import dev.huella.core.molde.grammar.MoldeLexer;
import dev.huella.core.molde.grammar.MoldeParser;
import dev.huella.core.molde.grammar.MoldeParser.BecauseContext;
import dev.huella.core.molde.grammar.MoldeParser.DefinitionContext;
import dev.huella.core.molde.grammar.MoldeParser.LineContext;
import dev.huella.core.molde.grammar.MoldeParser.OpportunityContext;
import dev.huella.core.molde.grammar.MoldeParser.PhraseContext;
import dev.huella.core.molde.grammar.MoldeParser.RoleContext;
import dev.huella.core.molde.grammar.MoldeParser.SectionContext;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import org.antlr.v4.runtime.CharStreams;
import org.antlr.v4.runtime.CommonTokenStream;
import org.antlr.v4.runtime.ParserRuleContext;
import org.antlr.v4.runtime.Token;
import org.antlr.v4.runtime.misc.Interval;
import org.antlr.v4.runtime.tree.TerminalNode;

/** Turns text in Molde into definitions, or into problems with place and remedy. Phrases join the known forms. */
public final class MoldeCompiler {
    private final ClauseForms forms;
    private final String source;
    private final MoldeProblems problems;

    private MoldeCompiler(ClauseForms forms, String source, String text) {
        this.forms = forms;
        this.source = source;
        this.problems = new MoldeProblems(source, text);
    }

    /** What came of one text. Definitions with a problem are left out. */
    public record Result(List<PatternDefinition> definitions, List<MoldeProblem> problems) {
        public Result {
            definitions = List.copyOf(definitions);
            problems = List.copyOf(problems);
        }
    }

    /**
     * Compiles one text.
     *
     * @param source what to call the text in problems
     */
    public static Result compile(String source, String text, ClauseForms forms) {
        return new MoldeCompiler(forms, source, text).run(text + "\n");
    }

    private Result run(String text) {
        var lexer = new MoldeLexer(CharStreams.fromString(text, source));
        lexer.removeErrorListeners();
        lexer.addErrorListener(problems);
        var parser = new MoldeParser(new CommonTokenStream(lexer));
        parser.removeErrorListeners();
        parser.addErrorListener(problems);
        var document = parser.document();
        List<PatternDefinition> found = new ArrayList<>();
        if (problems.none()) {
            document.phrase().forEach(this::phrase);
            for (DefinitionContext context : document.definition()) {
                add(found, new Head(context, context.name, context.family.getText(), context.about), context.section(),
                        null);
            }
            for (OpportunityContext context : document.opportunity()) {
                add(found, new Head(context, context.name, "opportunity", context.about), context.section(),
                        asks(context));
            }
        }
        return new Result(found, problems.all());
    }

    /** What a pattern and an opportunity have in common. */
    private record Head(ParserRuleContext context, Token name, String family, Token about) {}

    private void add(List<PatternDefinition> found, Head head, List<SectionContext> sections, Asks asks) {
        PatternDefinition made = definition(head, sections, asks);
        if (made != null) {
            found.add(made);
        }
    }

    private static Asks asks(OpportunityContext context) {
        BecauseContext because = context.because();
        return new Asks(context.WORD().stream().skip(1).map(TerminalNode::getText).toList(),
                unquote(because.STRING(0).getSymbol()),
                because.WORD().stream().map(TerminalNode::getText).toList(),
                because.AFTERWARDS() == null ? "" : unquote(because.STRING().getLast().getSymbol()));
    }

    private void phrase(PhraseContext context) {
        var scope = new VariableScope();
        var syntax = new StringBuilder();
        List<Sort> sorts = new ArrayList<>();
        for (var part : context.phrasePart()) {
            syntax.append(syntax.isEmpty() ? "" : " ");
            if (part.word() != null) {
                syntax.append(part.getText());
            } else {
                Sort sort = sort(part.sort());
                sorts.add(sort);
                scope.declare(part.LOCAL().getText(), sort);
                syntax.append('{').append(sort.word()).append('}');
            }
        }
        var formulas = new FormulaCompiler(forms, scope, problems);
        formulas.learn(context.formula());
        Formula means = formulas.formula(context.formula());
        if (means != null) {
            checkParameters(context, means);
            forms.add(new PhraseDefinition(syntax.toString(), sorts, scope.names(), means));
        }
    }

    /** What a phrase speaks of only where it denies has no rows, and would silently hold for nothing. */
    private void checkParameters(PhraseContext context, Formula means) {
        List<Token> parameters = context.phrasePart()
                .stream()
                .filter(part -> part.LOCAL() != null)
                .map(part -> part.LOCAL().getSymbol())
                .toList();
        for (int i = 0; i < parameters.size(); i++) {
            if (!binds(means, i)) {
                problems.add(parameters.get(i), ("Nothing says what \"%s\" can be: speak of it outside \"not\" and "
                        + "\"whenever\", and in every part of an \"either\".").formatted(parameters.get(i).getText()));
            }
        }
    }

    private static Sort sort(MoldeParser.SortContext context) {
        return Sort.valueOf(context.getText().toUpperCase(Locale.ROOT));
    }

    /** Null when something in it is wrong. */
    private PatternDefinition definition(Head head, List<SectionContext> sections, Asks asks) {
        int before = problems.count();
        var scope = new VariableScope();
        List<Role> roles = new ArrayList<>();
        List<Formula> recognised = new ArrayList<>();
        List<Variant> variants = new ArrayList<>();
        List<Obligation> obligations = new ArrayList<>();
        List<Unlike> unlikes = new ArrayList<>();
        List<Yield> yields = new ArrayList<>();
        List<Formula> hints = new ArrayList<>();
        var formulas = new FormulaCompiler(forms, scope, problems);
        sections.stream()
                .filter(section -> section.roles() != null)
                .forEach(section -> section.roles().role().forEach(role -> roles.add(role(role, scope, roles))));
        checkStandIns(head.name(), roles);
        formulas.learn(head.context());
        for (SectionContext section : sections) {
            if (section.recognised() != null) {
                recognised.addAll(lines(section.recognised().line(), formulas));
            } else if (section.variant() != null) {
                var variant = section.variant();
                variants.add(new Variant(variant.name.getText(), variant.about == null ? "" : unquote(variant.about),
                        lines(variant.line(), formulas)));
            } else if (section.owes() != null) {
                section.owes().obligation().forEach(owed -> obligations.add(obligation(owed, formulas, scope, roles)));
            } else if (section.unlike() != null) {
                unlikes.add(unlike(section.unlike(), formulas));
            } else if (section.yields() != null) {
                yields.add(yielding(section.yields(), roles));
            } else if (section.hints() != null) {
                hints.addAll(lines(section.hints().line(), formulas));
            }
        }
        checkRoles(head.name(), roles, recognised, variants);
        return problems.count() == before
                ? new PatternDefinition(head.name().getText(), head.family(), unquote(head.about()), roles,
                        scope.names(), recognised, variants, obligations, unlikes, yields, hints, asks,
                        textOf(head.context()))
                : null;
    }

    private static String textOf(ParserRuleContext context) {
        return context.start.getInputStream()
                .getText(new Interval(context.start.getStartIndex(), context.stop.getStopIndex()))
                .stripTrailing();
    }

    private Role role(RoleContext context, VariableScope scope, List<Role> earlier) {
        String name = context.name.getText();
        if (earlier.stream().anyMatch(role -> role.name().equals(name))) {
            problems.add(context.name,
                    "The role \"%s\" is declared twice; give one of them another name.".formatted(name));
        }
        Sort sort = sort(context.sort());
        scope.declare(name, sort);
        int least = context.COUNT() == null
                ? 1
                : Integer.parseInt(context.COUNT().getText().substring(0, context.COUNT().getText().indexOf('.')));
        if (context.KEY() != null && context.COUNT() != null) {
            problems.add(context.COUNT().getSymbol(),
                    "A key role has exactly one player; take the count away or the word \"key\".");
        }
        return new Role(name, sort, context.KEY() != null, context.COUNT() != null, least,
                context.other == null ? null : context.other.getText(),
                context.link != null && context.link.getText().equals("with"), byWriters(context));
    }

    private boolean byWriters(MoldeParser.RoleContext context) {
        if (context.written != null && !context.written.getText().equals("writers")) {
            problems.add(context.written,
                    "\"by %s\" means nothing here; \"by writers\" lets those play a role whose functions do."
                            .formatted(context.written.getText()));
        }
        return context.written != null;
    }

    private void checkStandIns(Token name, List<Role> roles) {
        for (Role role : roles) {
            if (role.standIn() != null && roles.stream().noneMatch(other -> other.name().equals(role.standIn()))) {
                problems.add(name, "The role \"%s\" is also played by \"%s\", but there is no such role."
                        .formatted(role.name(), role.standIn()));
            }
        }
    }

    private void checkRoles(Token name, List<Role> roles, List<Formula> recognised,
            List<Variant> variants) {
        if (roles.stream().noneMatch(Role::key)) {
            problems.add(name, "No role is marked \"key\"; mark those whose players make two finds the same.");
        }
        for (int i = 0; i < roles.size(); i++) {
            int role = i;
            int standIn = roles.stream().map(Role::name).toList().indexOf(roles.get(i).standIn());
            boolean bound = recognised.stream().anyMatch(formula -> binds(formula, role));
            boolean inVariants = !variants.isEmpty() && variants.stream()
                    .allMatch(variant -> variant.clauses()
                            .stream()
                            .anyMatch(formula -> binds(formula, role) || standIn >= 0 && binds(formula, standIn)));
            if (!bound && !inVariants && roles.get(i).least() > 0) {
                problems.add(name, ("Nothing says who plays \"%s\": speak of it below \"recognised by\", "
                        + "or in every variant.").formatted(roles.get(i).name()));
            }
        }
    }

    private static boolean binds(Formula formula, int role) {
        return switch (formula) {
            case Formula.Not _ -> false;
            case Formula.Whenever _ -> false;
            case Formula.Either either -> either.of().stream().allMatch(part -> binds(part, role));
            case Formula.All all -> all.of().stream().anyMatch(part -> binds(part, role));
            case Formula.Atom atom -> atom.variables().contains(role);
        };
    }

    private List<Formula> lines(List<LineContext> lines, FormulaCompiler formulas) {
        List<Formula> found = new ArrayList<>();
        for (LineContext line : lines) {
            Formula formula = formulas.formula(line.formula());
            if (formula != null) {
                found.add(formula);
            }
        }
        return found;
    }

    private Obligation obligation(MoldeParser.ObligationContext context, FormulaCompiler formulas, VariableScope scope,
            List<Role> roles) {
        List<Formula> lines = lines(context.line(), formulas);
        Formula owed = lines.size() == 1 ? lines.getFirst() : new Formula.All(lines);
        Unclear unclear = context.UNCLEAR() == null
                ? null
                : new Unclear(formulas.formula(context.formula()), unquote(context.STRING(1).getSymbol()));
        Set<String> spoken = new HashSet<>();
        roles.forEach(role -> spoken.add(role.name()));
        owed.allVariables().forEach(variable -> spoken.add(scope.names().get(variable)));
        if (unclear != null && unclear.when() != null) {
            unclear.when().allVariables().forEach(variable -> spoken.add(scope.names().get(variable)));
        }
        context.STRING().stream().skip(1).forEach(words -> checkNames(words.getSymbol(), spoken));
        return new Obligation(Level.valueOf(context.level().getText().toUpperCase(Locale.ROOT)), context.name.getText(),
                unquote(context.about), owed, unclear,
                context.OTHERWISE() == null ? null : unquote(context.STRING().getLast().getSymbol()));
    }

    private void checkNames(Token words, Set<String> spoken) {
        for (String name : Sentence.names(unquote(words))) {
            if (!spoken.contains(name)) {
                problems.add(words, "The sentence names \"%s\", of which nothing before it speaks.".formatted(name));
            }
        }
    }

    private Yield yielding(MoldeParser.YieldsContext context, List<Role> roles) {
        List<Yield.Pair> pairs = new ArrayList<>();
        context.pair().forEach(pair -> {
            if (roles.stream().noneMatch(role -> role.name().equals(pair.mine.getText()))) {
                problems.add(pair.mine, "There is no role \"%s\" here; name one that stands below \"roles\"."
                        .formatted(pair.mine.getText()));
            }
            pairs.add(new Yield.Pair(pair.mine.getText(), pair.theirs.getText(), pair.ALLBUTONE() != null));
        });
        return new Yield(context.pattern.getText(), pairs);
    }

    private Unlike unlike(MoldeParser.UnlikeContext context, FormulaCompiler formulas) {
        return new Unlike(context.name.getText(), formulas.formula(context.formula()), unquote(context.about),
                context.OTHERWISE() == null ? null : unquote(context.STRING().getLast().getSymbol()));
    }

    private static String unquote(Token token) {
        String text = token.getText();
        return text.substring(1, text.length() - 1);
    }
}
