func night() {
    let help: Message = Mayday(over: ShortWave())
    help.send("fire on board")
    WeatherMessage(station: "Punta Gris", over: Satellite()).send("gale")
}
