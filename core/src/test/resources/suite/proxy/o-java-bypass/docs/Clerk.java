package docs;

public class Clerk {
    private final GuardedArchive archive = new GuardedArchive("clerk");

    public String look(String name) {
        return archive.read(name);
    }

    public void force(String name) {
        new FileArchive().write(name, "forced");
    }
}
