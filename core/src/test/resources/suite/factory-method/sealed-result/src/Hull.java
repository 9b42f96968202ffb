package aldera.yard;

public class Hull {
    private String name;

    public void christen(String name) {
        this.name = name;
    }

    public int ribs() {
        return 20;
    }
}
