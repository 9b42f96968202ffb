package canal;

public class Lamp implements BargeWatch {
    private String shown = "";

    @Override
    public void moored(String barge) {
        shown = barge;
    }
}
