package aldera;

public class Printer implements ClauseVisitor<String> {
    @Override
    public String price(Price price) {
        return price.cents() / 100 + " coins";
    }

    @Override
    public String term(Term term) {
        return "within " + term.days() + " days";
    }
}
