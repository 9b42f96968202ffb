using Aldera.Tides;
var station = new TideStation();
station.Join(new FloodGate());
station.Join(new TideBoard());
station.Join(new Sleeper());
station.Level = 4.2;
