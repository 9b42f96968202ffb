package aldera.paper;

public abstract class Mark {
    public abstract String drawn();
}
