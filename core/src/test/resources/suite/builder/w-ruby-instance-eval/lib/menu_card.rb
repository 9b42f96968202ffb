class MenuCard
  attr_reader :title, :dishes

  def initialize(title, dishes)
    @title = title
    @dishes = dishes.freeze
  end
end

class MenuCardBuilder
  def self.card(title, &block)
    builder = new(title)
    builder.instance_eval(&block)
    builder.finish
  end

  def initialize(title)
    @title = title
    @dishes = []
  end

  def starter(name)
    @dishes << [:starter, name]
    self
  end

  def main(name)
    @dishes << [:main, name]
    self
  end

  def finish
    raise 'a card needs a dish' if @dishes.empty?

    MenuCard.new(@title, @dishes.dup)
  end
end
