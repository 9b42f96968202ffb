namespace Aldera.Signals;

public interface ISignal
{
    void Show(int level);
    void Clear();
}

public class LampBoard
{
    private int lamps;

    public int Lamps
    {
        get => lamps;
        set => lamps = value < 0 ? 0 : value;
    }

    public bool Blinking { get; set; }
}

public class BoardSignal : ISignal
{
    private readonly LampBoard board;

    public BoardSignal(LampBoard board) => this.board = board;

    public void Show(int level)
    {
        board.Lamps = level * 2;
        board.Blinking = level > 3;
    }

    public void Clear()
    {
        board.Lamps = 0;
        board.Blinking = false;
    }
}

public class Storm
{
    public void Warn(ISignal signal) => signal.Show(4);
}
