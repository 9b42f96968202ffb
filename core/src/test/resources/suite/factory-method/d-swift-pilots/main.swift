let stations: [Station] = [InnerStation(), OuterStation()]
for station in stations {
    print(station.send(to: "Meridian"))
}
