class Steam
  class << self
    def call(carpet)
      carpet.wet = true
    end
  end
end

class Powder
  def self.call(carpet)
    carpet.dust = false
  end
end

class Cleaner
  def initialize(way = Steam)
    @way = way
  end

  def run(carpets)
    carpets.each { |carpet| @way.call(carpet) }
  end
end

Cleaner.new.run([])
Cleaner.new(Powder).run([])
