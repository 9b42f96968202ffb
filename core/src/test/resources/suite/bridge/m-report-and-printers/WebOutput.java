package museum;

public class WebOutput implements Output {
    private final StringBuilder page = new StringBuilder();

    @Override
    public void heading(String text) {
        page.append("<h1>").append(text).append("</h1>");
    }

    @Override
    public void line(String text) {
        page.append("<p>").append(text).append("</p>");
    }

    @Override
    public void close() {
        page.append("</html>");
    }

    public String page() {
        return page.toString();
    }
}
