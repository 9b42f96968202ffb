package harbour;

public class Walk {
    public int count(Quay quay) {
        int letters = 0;
        for (String berth : quay) {
            letters += berth.length();
        }
        return letters;
    }
}
