public class TideTable {
    private static volatile TideTable table;
    private int hours;
    private TideTable() { hours = 24; }
    public static TideTable table() {
        if (table == null) {
            synchronized (TideTable.class) {
                if (table == null) {
                    table = new TideTable();
                }
            }
        }
        return table;
    }
    public int hours() { return hours; }
}
class Pier { int h() { return TideTable.table().hours(); } }
