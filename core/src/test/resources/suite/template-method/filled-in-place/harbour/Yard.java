package harbour;

public class Yard {
    private int painted;

    public void day() {
        Task paint = new Task() {
            @Override
            protected void work() {
                painted++;
            }
        };
        Task clean = new Task() {
            @Override
            protected void work() {
                painted = 0;
            }

            @Override
            protected void after() {
                System.out.println("clean");
            }
        };
        paint.run();
        clean.run();
    }
}
