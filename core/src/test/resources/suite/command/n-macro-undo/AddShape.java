package editor;

public class AddShape implements Command {
    private final Canvas canvas;
    private final String shape;

    public AddShape(Canvas canvas, String shape) {
        this.canvas = canvas;
        this.shape = shape;
    }

    @Override
    public void execute() {
        canvas.add(shape);
    }

    @Override
    public void undo() {
        canvas.drop(shape);
    }
}
