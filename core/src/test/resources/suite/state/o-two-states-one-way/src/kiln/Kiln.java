package kiln;

public class Kiln {
    private Heat heat = new Cold();
    private int degrees = 20;

    public void light() {
        heat.light(this);
    }

    public void stoke() {
        heat.stoke(this);
    }

    void become(Heat next) {
        this.heat = next;
    }

    void warm(int by) {
        degrees += by;
    }

    public int degrees() {
        return degrees;
    }
}
