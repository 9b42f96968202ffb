package forge;

public class Hammer implements Tool {
    @Override
    public int strike(int force) {
        return force * 2;
    }
}
