package taxis;

public class Rank {
    public int letters(Fleet fleet) {
        int sum = 0;
        for (Cursor cursor = fleet.cursor(); cursor.more();) {
            sum += cursor.car().length();
        }
        return sum;
    }
}
