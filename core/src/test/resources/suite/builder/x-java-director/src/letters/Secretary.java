package letters;

import java.util.List;

public class Secretary {
    private LetterBuilder builder;

    public void use(LetterBuilder builder) {
        this.builder = builder;
    }

    public void write(String name, List<String> lines) {
        builder.head(name);
        for (String line : lines) {
            builder.paragraph(line);
        }
        builder.greeting();
    }
}
