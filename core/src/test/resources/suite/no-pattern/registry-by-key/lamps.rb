class Lamp
  @all = {}

  class << self
    def named(name)
      @all[name] ||= new(name)
    end

    private :new
  end

  attr_reader :name

  def initialize(name)
    @name = name
    @lit = false
  end

  def light
    @lit = true
  end
end

Lamp.named(:north).light
Lamp.named(:south).light
