namespace Weather;

public class FrostAlarm : IObserver<Reading>
{
    public bool Ringing { get; private set; }

    public void OnNext(Reading value) => Ringing = value.Celsius < 0;
    public void OnError(Exception error) => Ringing = true;
    public void OnCompleted() => Ringing = false;
}

public class Diary : IObserver<Reading>
{
    private readonly List<string> lines = new();

    public void OnNext(Reading value) => lines.Add($"{value.At}: {value.Celsius}");
    public void OnError(Exception error) => lines.Add(error.Message);
    public void OnCompleted() => lines.Add("end");
}
