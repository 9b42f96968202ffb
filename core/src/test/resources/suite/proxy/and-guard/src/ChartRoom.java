package aldera;

public class ChartRoom implements Room {
    private int opened;

    @Override
    public boolean open(int chart) {
        opened = chart;
        return chart > 0;
    }
}
