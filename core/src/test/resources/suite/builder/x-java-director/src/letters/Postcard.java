package letters;

public class Postcard extends LetterBuilder {
    @Override
    public void head(String name) {
        head = "Hi " + name + "!";
    }

    @Override
    public void paragraph(String text) {
        if (body.isEmpty()) {
            body.add(text);
        }
    }

    @Override
    public void greeting() {
    }
}
