namespace Aldera;
public abstract class Parser
{
    private int count;
    public int Parse(string text)
    {
        Open(text);
        foreach (var line in text.Split('\n'))
        {
            Line(line);
            count++;
        }
        return count;
    }
    protected abstract void Open(string text);
    protected virtual void Line(string line) { }
}
public class LogParser : Parser
{
    private int errors;
    protected override void Open(string text) { errors = 0; }
    protected override void Line(string line) { if (line.StartsWith("E")) errors++; }
}
