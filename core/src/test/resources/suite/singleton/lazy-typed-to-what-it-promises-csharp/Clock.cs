namespace Aldera;

public interface IClock
{
    DateTime Now();
}

public sealed class PortClock : IClock
{
    private static IClock? _kept;
    private TimeSpan _shift;

    private PortClock()
    {
    }

    public static IClock Kept
    {
        get
        {
            if (_kept == null)
            {
                _kept = new PortClock();
            }

            return _kept;
        }
    }

    public void Shift(TimeSpan by) => _shift += by;

    public DateTime Now() => DateTime.UtcNow + _shift;
}

public class Tower
{
    public string Strike() => PortClock.Kept.Now().ToString();
}
