package aldera.paper;

public class Bill extends Sheet {
    @Override
    public String head() {
        return stamp("bill").drawn();
    }
}
