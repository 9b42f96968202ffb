package docs;

public class GuardedArchive implements Archive {
    private final Archive archive;
    private final String role;

    public GuardedArchive(String role) {
        this.archive = new FileArchive();
        this.role = role;
    }

    @Override
    public String read(String name) {
        return archive.read(name);
    }

    @Override
    public void write(String name, String text) {
        if (!role.equals("master")) {
            throw new SecurityException(role + " may not write");
        }
        archive.write(name, text);
    }
}
