package desk;

import java.util.List;

public class InvalidOrder extends RuntimeException {
    private final transient List<String> problems;

    public InvalidOrder(List<String> problems) {
        super(String.join(", ", problems));
        this.problems = List.copyOf(problems);
    }

    public List<String> problems() {
        return problems;
    }
}
