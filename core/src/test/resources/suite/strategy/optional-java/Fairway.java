package pilot;

public class Fairway implements Route {
    @Override
    public int hours(int miles) {
        return miles / 8;
    }
}
