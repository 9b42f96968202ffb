class Pilots
  def self.add(key, kind)
    @kinds ||= {}
    @kinds[key] = kind
  end

  def self.for(key)
    @kinds.fetch(key).new
  end
end

class RiverPilot
  Pilots.add :river, self

  def guide(ship)
    "#{ship} up the river"
  end
end

class ReefPilot
  Pilots.add(:reef, self)

  def guide(ship)
    "#{ship} past the reef"
  end
end

puts Pilots.for(:reef).guide('Marta')
