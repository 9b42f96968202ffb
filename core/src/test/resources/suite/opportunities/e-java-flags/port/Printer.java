package port;

public class Printer {
    private boolean bordered;
    private boolean numbered;
    private boolean upperCase;
    private final StringBuilder out = new StringBuilder();

    public void setBordered(boolean bordered) { this.bordered = bordered; }
    public void setNumbered(boolean numbered) { this.numbered = numbered; }
    public void setUpperCase(boolean upperCase) { this.upperCase = upperCase; }

    public String print(java.util.List<String> lines) {
        if (bordered) {
            out.append("-----\n");
        }
        int number = 1;
        for (String line : lines) {
            if (numbered) {
                out.append(number++).append(' ');
            }
            out.append(upperCase ? line.toUpperCase() : line).append('\n');
        }
        if (bordered) {
            out.append("-----\n");
        }
        return out.toString();
    }
}
