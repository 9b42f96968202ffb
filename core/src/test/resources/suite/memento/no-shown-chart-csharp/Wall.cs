namespace Aldera.Screens;
public sealed class Wall
{
    private Chart last = new Chart();
    private readonly ChartPanel panel;
    public Wall(ChartPanel panel) { this.panel = panel; }
    public void Freeze() { last = panel.Shown(); }
    public void Back() { panel.Show(last); }
}
