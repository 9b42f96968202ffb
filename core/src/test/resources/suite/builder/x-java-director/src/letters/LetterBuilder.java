package letters;

import java.util.ArrayList;
import java.util.List;

public abstract class LetterBuilder {
    protected String head = "";
    protected String greeting = "";
    protected final List<String> body = new ArrayList<>();

    public abstract void head(String name);

    public abstract void paragraph(String text);

    public abstract void greeting();

    public Letter finish() {
        if (head.isEmpty()) {
            throw new IllegalStateException("a letter needs a head");
        }
        return new Letter(head, body, greeting);
    }
}
