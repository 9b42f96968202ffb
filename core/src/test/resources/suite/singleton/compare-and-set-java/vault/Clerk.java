package vault;

public class Clerk {
    public void sign() {
        Minutes.book().write();
    }
}
