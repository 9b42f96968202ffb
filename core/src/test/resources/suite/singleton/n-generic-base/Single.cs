namespace Arcade;

public abstract class Single<T> where T : Single<T>, new()
{
    private static T? instance;

    public static T Instance => instance ??= new T();
}

public class Highscores : Single<Highscores>
{
    private readonly List<int> scores = new();

    public void Enter(int score) => scores.Add(score);
}

public class Game
{
    public void Over(int score) => Highscores.Instance.Enter(score);
}
