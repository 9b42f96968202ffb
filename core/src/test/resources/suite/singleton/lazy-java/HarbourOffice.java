package aldera;
final class HarbourOffice {
    private static HarbourOffice office;
    private int berths = 12;
    private HarbourOffice() { }
    static HarbourOffice get() {
        if (office == null) {
            office = new HarbourOffice();
        }
        return office;
    }
    int take() { return --berths; }
}
