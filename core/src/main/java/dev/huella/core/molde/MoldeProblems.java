package dev.huella.core.molde;

import java.util.ArrayList;
import java.util.List;
import org.antlr.v4.runtime.BaseErrorListener;
import org.antlr.v4.runtime.Parser;
import org.antlr.v4.runtime.RecognitionException;
import org.antlr.v4.runtime.Recognizer;
import org.antlr.v4.runtime.Token;
import org.antlr.v4.runtime.misc.IntervalSet;

/** Gathers the problems of one text, each with its line. Words it writes stand here and in {@link ClauseMatcher}. */
final class MoldeProblems extends BaseErrorListener {
    private final String source;
    private final String[] lines;
    private final List<MoldeProblem> found = new ArrayList<>();

    MoldeProblems(String source, String text) {
        this.source = source;
        this.lines = text.split("\r?\n", -1);
    }

    boolean none() {
        return found.isEmpty();
    }

    int count() {
        return found.size();
    }

    List<MoldeProblem> all() {
        return found;
    }

    void add(Token at, String message) {
        add(at.getLine(), at.getCharPositionInLine(), message);
    }

    private void add(int line, int column, String message) {
        int safe = Math.clamp(line, 1, lines.length);
        found.add(new MoldeProblem(source, safe, column + 1, message, lines[safe - 1]));
    }

    @Override
    public void syntaxError(Recognizer<?, ?> recognizer, Object symbol, int line, int column, String message,
            RecognitionException cause) {
        if (!(recognizer instanceof Parser parser) || !(symbol instanceof Token token)) {
            add(line, column, "This sign has no meaning here; texts stand in double quotes.");
            return;
        }
        String there = token.getType() == Token.EOF
                ? "the end of the text"
                : token.getText().isBlank() ? "the end of the line" : "\"" + token.getText() + "\"";
        IntervalSet expected = cause == null
                ? parser.getExpectedTokens()
                : cause.getExpectedTokens() == null ? new IntervalSet() : cause.getExpectedTokens();
        List<String> words = new ArrayList<>();
        for (int type : expected.toList()) {
            words.add(name(parser, type));
        }
        String nearest = NearestWord.to(token.getText(), words);
        add(line, column, "Did not expect %s%s.%s".formatted(there,
                words.isEmpty() ? "" : "; expected " + String.join(", ", words.stream().limit(8).toList()),
                nearest == null ? "" : " Did you mean \"" + nearest + "\"?"));
    }

    private static String name(Parser parser, int type) {
        String literal = parser.getVocabulary().getLiteralName(type);
        if (literal != null) {
            return literal.substring(1, literal.length() - 1);
        }
        return switch (String.valueOf(parser.getVocabulary().getSymbolicName(type))) {
            case "WORD" -> "a word in small letters";
            case "LOCAL" -> "a name with a capital";
            case "STRING" -> "a text in quotes";
            case "COUNT" -> "a count such as 1..*";
            case "NL" -> "a new line";
            default -> "the end of the text";
        };
    }
}
