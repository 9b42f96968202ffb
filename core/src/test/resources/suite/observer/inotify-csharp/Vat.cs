using System.ComponentModel;

namespace Dairy;

public class Vat : INotifyPropertyChanged
{
    private double _litres;

    public event PropertyChangedEventHandler? PropertyChanged;

    public double Litres
    {
        get => _litres;
        set
        {
            if (_litres == value) return;
            _litres = value;
            PropertyChanged?.Invoke(this, new PropertyChangedEventArgs(nameof(Litres)));
        }
    }
}
