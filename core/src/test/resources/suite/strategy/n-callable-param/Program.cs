using League;

var table = new Table(new ByPoints());
table.Enter(new Team("Gulls", 3, 1));
table.Ranking = new ByGoals();
Console.WriteLine(table.Sorted()[0].Name);
