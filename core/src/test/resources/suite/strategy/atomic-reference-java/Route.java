package pilot;

public interface Route {
    int hours(int miles);
}
