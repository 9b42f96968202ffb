using System.Threading;

namespace Tramway;

public sealed class SignalBoard
{
    private static SignalBoard? _board;
    private readonly Dictionary<string, bool> _lamps = new();

    private SignalBoard() { }

    public static SignalBoard Current
    {
        get
        {
            if (_board is null)
            {
                Interlocked.CompareExchange(ref _board, new SignalBoard(), null);
            }
            return _board;
        }
    }

    public void Set(string lamp, bool green) => _lamps[lamp] = green;

    public bool IsGreen(string lamp) => _lamps.TryGetValue(lamp, out var green) && green;
}
