let station = Station()
let lamp = FrostLamp()
let log = Logbook()
station.add(lamp)
station.add(log)
station.degrees = -3
station.remove(lamp)
