class Anchorage
  def initialize
    @boats = []
  end

  def welcome(boat)
    @boats << boat
    boat.anchorage = self
  end

  def hail(from, text)
    @boats.each { |boat| boat.hear(from.name, text) unless boat.equal?(from) }
  end
end

class Boat
  attr_reader :name
  attr_writer :anchorage

  def initialize(name)
    @name = name
  end

  def say(text)
    @anchorage.hail(self, text)
  end

  def hear(who, text)
    raise NotImplementedError
  end
end

class FishingBoat < Boat
  def hear(who, text)
    puts "#{name} heard #{who}: #{text}"
  end
end

class Ferry < Boat
  def hear(who, text)
    @last = text.upcase
  end
end
