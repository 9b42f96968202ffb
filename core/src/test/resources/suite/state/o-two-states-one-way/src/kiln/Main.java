package kiln;

public class Main {
    public static void main(String[] args) {
        Kiln kiln = new Kiln();
        kiln.stoke();
        kiln.light();
        kiln.stoke();
        System.out.println(kiln.degrees());
    }
}
