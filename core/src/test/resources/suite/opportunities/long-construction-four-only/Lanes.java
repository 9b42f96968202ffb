package aldera;

class Lanes {
    public static void main(String[] args) {
        Buoy a = new Buoy("a", 1, 2, false);
        Buoy b = new Buoy("b", 3, 2, true);
        a.light();
        System.out.println(a.text() + b.text());
    }
}
