using System.Text;

public abstract class Report
{
    public string Render()
    {
        var text = new StringBuilder();
        text.AppendLine(Title);
        for (var row = 0; row < Rows; row++) text.AppendLine(Line(row));
        return text.ToString();
    }

    protected abstract string Title { get; }
    protected abstract int Rows { get; }
    protected abstract string Line(int row);
}

public class Ships : Report
{
    private readonly string[] names = { "Rosa", "Marta" };
    protected override string Title => "ships";
    protected override int Rows => names.Length;
    protected override string Line(int row) => names[row];
}

public class Hours : Report
{
    protected override string Title => "hours";
    protected override int Rows => 24;
    protected override string Line(int row) => $"{row}:00";
}

public static class Program
{
    public static void Main() => System.Console.WriteLine(new Ships().Render() + new Hours().Render());
}
