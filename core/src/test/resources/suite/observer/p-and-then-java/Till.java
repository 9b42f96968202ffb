package shop;

public class Till {
    private double sum;

    public Till(Scale scale) {
        scale.whenWeighed(grams -> sum += grams * 0.02);
        scale.whenWeighed(this::show);
    }

    private void show(double grams) {
        System.out.println(grams);
    }
}
