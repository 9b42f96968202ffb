package press;

public class Plain implements Finish {
    @Override
    public String apply(String page) {
        return page.trim();
    }
}
