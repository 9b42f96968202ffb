package letters;

import java.util.List;

public class Letter {
    private final String head;
    private final List<String> body;
    private final String greeting;

    Letter(String head, List<String> body, String greeting) {
        this.head = head;
        this.body = List.copyOf(body);
        this.greeting = greeting;
    }

    public String text() {
        return head + "\n" + String.join("\n", body) + "\n" + greeting;
    }
}
