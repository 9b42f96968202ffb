namespace League;

public record Team(string Name, int Points, int Goals);

public interface IRanking
{
    int Compare(Team left, Team right);
}

public class ByPoints : IRanking
{
    public int Compare(Team left, Team right) => right.Points - left.Points;
}

public class ByGoals : IRanking
{
    public int Compare(Team left, Team right) => right.Goals - left.Goals;
}

public class Table
{
    private readonly List<Team> teams = new();
    private IRanking ranking;

    public Table(IRanking ranking) => this.ranking = ranking ?? throw new ArgumentNullException(nameof(ranking));

    public IRanking Ranking
    {
        set => ranking = value;
    }

    public void Enter(Team team) => teams.Add(team);

    public IReadOnlyList<Team> Sorted()
    {
        var sorted = new List<Team>(teams);
        sorted.Sort((left, right) => ranking.Compare(left, right));
        return sorted;
    }
}
