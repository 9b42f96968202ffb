using System.Collections.Generic;

public class Chart
{
    private double zoom = 1;
    private string note = "";

    public void ZoomTo(double factor) => zoom = factor;

    public void Write(string text) => note += text;

    public View Keep() => new View(zoom, note);

    public void Bring(View view)
    {
        zoom = view.Zoom;
        note = view.Note;
    }

    public sealed class View
    {
        internal View(double zoom, string note)
        {
            Zoom = zoom;
            Note = note;
        }

        internal double Zoom { get; }
        internal string Note { get; }
    }
}

public class Views
{
    private readonly Dictionary<string, Chart.View> kept = new();

    public void Keep(string label, Chart chart) => kept[label] = chart.Keep();

    public void Show(string label, Chart chart)
    {
        if (kept.TryGetValue(label, out var view))
        {
            chart.Bring(view);
        }
    }
}
