package museum;

public class VisitorReport extends Report {
    private final int visitors;

    public VisitorReport(Output output, int visitors) {
        super(output);
        this.visitors = visitors;
    }

    @Override
    public void publish() {
        output.heading("Visitors");
        output.line("today: " + visitors);
        output.close();
    }
}
