package tax;

import java.util.List;

public class Household {
    private final List<Asset> assets;

    public Household(List<Asset> assets) {
        this.assets = List.copyOf(assets);
    }

    public long duty() {
        Duty duty = new Duty();
        return assets.stream().mapToLong(asset -> asset.accept(duty)).sum();
    }

    public static void main(String[] args) {
        Household home = new Household(List.of(new House(200_000, 4), new Car(9_000, 2015), new Savings(77)));
        System.out.println(home.duty());
        home.assets.forEach(asset -> System.out.println(asset.accept(new Describe())));
    }
}
