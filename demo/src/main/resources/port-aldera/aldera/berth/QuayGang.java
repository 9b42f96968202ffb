package aldera.berth;

/** Works along the quay. */
public class QuayGang extends MooringGang {
    @Override
    protected MooringLine newLine() {
        return new HempLine();
    }
}
