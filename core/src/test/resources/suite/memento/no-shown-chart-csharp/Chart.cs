namespace Aldera.Screens;
public sealed class Chart
{
    public string Title { get; set; } = "";
    public int Scale { get; set; } = 1;
    public void Zoom(int by) { Scale += by; }
}
