using System.ComponentModel;
using System.Runtime.CompilerServices;

namespace Aldera.Desk.ViewModels;

public sealed class ShipViewModel : INotifyPropertyChanged
{
    private string name = "";
    private bool moored;

    public ShipViewModel()
    {
        Moor = new RelayCommand(_ => Moored = true, _ => !Moored);
    }

    public event PropertyChangedEventHandler? PropertyChanged;

    public RelayCommand Moor { get; }

    public string Name
    {
        get => name;
        set => Set(ref name, value);
    }

    public bool Moored
    {
        get => moored;
        set
        {
            if (Set(ref moored, value)) Moor.RaiseCanExecuteChanged();
        }
    }

    private bool Set<T>(ref T field, T value, [CallerMemberName] string? property = null)
    {
        if (Equals(field, value)) return false;
        field = value;
        PropertyChanged?.Invoke(this, new PropertyChangedEventArgs(property));
        return true;
    }
}
