using System.ComponentModel;

namespace Dairy;

public sealed class LevelPanel
{
    public string Text { get; private set; } = "";

    public LevelPanel(Vat vat)
    {
        vat.PropertyChanged += OnVatChanged;
    }

    private void OnVatChanged(object? sender, PropertyChangedEventArgs e)
    {
        Text = ((Vat)sender!).Litres.ToString();
    }
}

public sealed class Pump
{
    private readonly Vat _vat;
    public bool Running { get; private set; }

    public Pump(Vat vat)
    {
        _vat = vat;
        _vat.PropertyChanged += Switch;
    }

    public void Detach() => _vat.PropertyChanged -= Switch;

    private void Switch(object? sender, PropertyChangedEventArgs e) => Running = _vat.Litres > 100;
}
