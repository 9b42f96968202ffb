package tide;

public class Board {
    private Forecast forecast = Forecast.PLAIN;

    public void use(Forecast forecast) {
        this.forecast = forecast;
    }

    public String show(int high, int low) {
        return "expect " + forecast.level(high, low);
    }
}
