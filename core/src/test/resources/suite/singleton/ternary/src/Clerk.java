package aldera;

public class Clerk {
    public int write() {
        return Register.get().enter();
    }
}
