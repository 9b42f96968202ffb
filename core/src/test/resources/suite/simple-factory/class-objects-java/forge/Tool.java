package forge;

public interface Tool {
    int strike(int force);
}
