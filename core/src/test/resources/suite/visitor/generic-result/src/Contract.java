package aldera;

import java.util.List;

public class Contract {
    private final List<Clause> clauses;

    public Contract(List<Clause> clauses) {
        this.clauses = List.copyOf(clauses);
    }

    public String text() {
        StringBuilder text = new StringBuilder();
        Printer printer = new Printer();
        for (Clause clause : clauses) {
            text.append(clause.accept(printer)).append('\n');
        }
        return text.toString();
    }
}
