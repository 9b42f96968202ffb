package aldera.cargo;

public class Clerk {
    public void print(Manifest manifest) {
        for (int i = 0; i < manifest.lines(); i++) {
            System.out.println(manifest.line(i));
        }
    }

    public static void main(String[] args) {
        new Clerk().print(new SheetManifest(new CsvSheet()));
    }
}
