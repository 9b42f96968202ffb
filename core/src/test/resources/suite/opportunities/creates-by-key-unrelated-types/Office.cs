namespace Aldera;

public class TideTable
{
    public int Height(int hour) => hour % 12;
}

public class CraneLog
{
    public string Last() => "idle";
}

public class OfficeScreen
{
    private string text = "";

    public void Open(string page)
    {
        switch (page)
        {
            case "tide":
                text = new TideTable().Height(9).ToString();
                break;
            case "crane":
                text = new CraneLog().Last();
                break;
        }
    }

    public string Text() => text;
}

public static class Program
{
    public static void Main()
    {
        var screen = new OfficeScreen();
        screen.Open("tide");
        System.Console.WriteLine(screen.Text());
    }
}
