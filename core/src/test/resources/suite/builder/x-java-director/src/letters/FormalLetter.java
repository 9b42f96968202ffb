package letters;

public class FormalLetter extends LetterBuilder {
    @Override
    public void head(String name) {
        head = "Dear " + name + ",";
    }

    @Override
    public void paragraph(String text) {
        body.add(text + ".");
    }

    @Override
    public void greeting() {
        greeting = "Yours faithfully";
    }
}
