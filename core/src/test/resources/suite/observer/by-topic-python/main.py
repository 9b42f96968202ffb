from bus import Archive, Bus, Screen

bus = Bus()
bus.join("fog", Screen())
bus.join("fog", Archive())
bus.tell("fog", "300 m")
