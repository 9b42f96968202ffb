package dev.huella.core.molde;

import dev.huella.core.molde.grammar.MoldeParser.AllContext;
import dev.huella.core.molde.grammar.MoldeParser.ClauseContext;
import dev.huella.core.molde.grammar.MoldeParser.ConditionalContext;
import dev.huella.core.molde.grammar.MoldeParser.FormulaContext;
import dev.huella.core.molde.grammar.MoldeParser.GroupedContext;
import dev.huella.core.molde.grammar.MoldeParser.NegatedContext;
import dev.huella.core.molde.grammar.MoldeParser.UnitContext;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.antlr.v4.runtime.ParserRuleContext;
import org.antlr.v4.runtime.Token;
import org.antlr.v4.runtime.tree.ParseTree;

/** Compiles conditions. A clause that fits no form becomes a problem and is left out as null. */
final class FormulaCompiler {
    private final ClauseMatcher matcher;
    private final MoldeProblems problems;

    FormulaCompiler(ClauseForms forms, VariableScope scope, MoldeProblems problems) {
        this.matcher = new ClauseMatcher(forms, scope);
        this.problems = problems;
    }

    /** Before anything is compiled: what sorts the local names in a stretch of text are of. */
    void learn(ParseTree text) {
        List<ClauseContext> clauses = new ArrayList<>();
        collect(text, clauses);
        boolean learnt = true;
        while (learnt) {
            learnt = false;
            for (ClauseContext clause : clauses) {
                learnt |= matcher.learn(clause.term().stream().map(ParserRuleContext::getStart).toList());
            }
        }
    }

    private static void collect(ParseTree tree, List<ClauseContext> into) {
        if (tree instanceof ClauseContext clause) {
            into.add(clause);
        }
        for (int i = 0; i < tree.getChildCount(); i++) {
            collect(tree.getChild(i), into);
        }
    }

    Formula formula(FormulaContext context) {
        if (context.either() != null) {
            return new Formula.Either(present(context.either().all().stream().map(this::all).toList()));
        }
        return all(context.all());
    }

    private Formula all(AllContext context) {
        List<Formula> units = present(context.unit().stream().map(this::unit).toList());
        return units.size() == 1 ? units.getFirst() : new Formula.All(units);
    }

    private static List<Formula> present(List<Formula> formulas) {
        return formulas.stream().filter(Objects::nonNull).toList();
    }

    private Formula unit(UnitContext context) {
        return switch (context) {
            case NegatedContext negated -> {
                Formula of = unit(negated.unit());
                yield of == null ? null : new Formula.Not(of);
            }
            case GroupedContext grouped -> formula(grouped.formula());
            case ConditionalContext conditional -> new Formula.Whenever(all(conditional.all()),
                    formula(conditional.formula()), conditional.MOSTLY() != null);
            case ClauseContext clause -> clause(clause);
            default -> throw new IllegalStateException("no such condition: " + context.getText());
        };
    }

    private Formula clause(ClauseContext context) {
        List<Token> tokens = new ArrayList<>();
        var text = new StringBuilder();
        for (var term : context.term()) {
            tokens.add(term.getStart());
            text.append(text.isEmpty() ? "" : " ").append(term.getText());
        }
        try {
            return matcher.match(tokens, text.toString());
        } catch (ClauseMatcher.Misfit misfit) {
            problems.add(misfit.at(), misfit.getMessage());
            return null;
        }
    }
}
