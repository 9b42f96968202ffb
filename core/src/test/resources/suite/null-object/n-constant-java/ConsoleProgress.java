package backup;

public class ConsoleProgress implements Progress {
    private int all;
    private int seen;

    @Override
    public void begin(int files) {
        all = files;
    }

    @Override
    public void done(String file) {
        seen++;
        System.out.println(seen + "/" + all + " " + file);
    }
}
