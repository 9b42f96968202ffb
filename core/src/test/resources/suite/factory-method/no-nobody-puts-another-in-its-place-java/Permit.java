package aldera.paper;

public class Permit extends Sheet {
    @Override
    public String head() {
        return stamp("permit").drawn() + stamp("port").drawn();
    }
}
