package customs;

public class Main {
    public static void main(String[] args) {
        Drawer drawer = new Drawer();
        drawer.keep("manifest", new Manifest());
        drawer.keep("waybill", new Waybill());
        Paper paper = drawer.take("manifest");
        paper.stamp("Aldera");
        new CustomsHall().entrance().handIn(paper.title());
    }
}
