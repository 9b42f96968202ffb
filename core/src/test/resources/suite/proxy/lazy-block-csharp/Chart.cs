using System;

interface IChart
{
    double Depth(int x, int y);
    string Title();
}

class FullChart : IChart
{
    private readonly string name;
    public FullChart(string name) { this.name = name; }
    public double Depth(int x, int y) => x * 2.0 + y;
    public string Title() => name;
}

class LateChart : IChart
{
    private readonly Lazy<FullChart> chart;

    public LateChart(string name)
    {
        chart = new Lazy<FullChart>(() =>
        {
            Console.WriteLine("loading " + name);
            return new FullChart(name);
        });
    }

    public double Depth(int x, int y) => chart.Value.Depth(x, y);
    public string Title() => chart.Value.Title();
}

class Bridge
{
    public bool Safe(IChart chart) => chart.Depth(3, 4) > 4;
    public static void Main() => Console.WriteLine(new Bridge().Safe(new LateChart("bay")));
}
