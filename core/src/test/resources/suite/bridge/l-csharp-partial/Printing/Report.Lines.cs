namespace Aldera.Printing;

public abstract partial class Report
{
    private int lines;

    protected void Line(string text)
    {
        lines++;
        printer.Write(text);
    }

    protected void EndPage() => printer.Feed();
}
