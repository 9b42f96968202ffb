package aldera;

public class Lamp {
    public void light(int hour) {
        System.out.println("lit at " + hour);
    }

    public int watts() {
        return 40;
    }
}
