package letters;

import java.util.List;

public class Main {
    public static void main(String[] args) {
        Secretary secretary = new Secretary();
        LetterBuilder formal = new FormalLetter();
        secretary.use(formal);
        secretary.write("Ms Gray", List.of("we thank you", "we hope for more"));
        System.out.println(formal.finish().text());
        Postcard card = new Postcard();
        secretary.use(card);
        secretary.write("Bo", List.of("sun and sea"));
        System.out.println(card.finish().text());
    }
}
