class Scale; def weigh(crate) = crate[:kg]; end
class Labeler; def stick(crate) = crate[:label] = 'A'; end
class Chiller; def cool(crate) = crate[:degrees] = 2; end
class FishHall
  def initialize; @scale = Scale.new; @labeler = Labeler.new; @chiller = Chiller.new; end
  def take(crate)
    @scale.weigh(crate)
    @labeler.stick(crate)
    @chiller.cool(crate)
  end
end
class MeatHall
  def initialize(scale, labeler, chiller)
    @scale = scale; @labeler = labeler; @chiller = chiller
  end
  def receive(crate)
    kg = @scale.weigh(crate)
    @labeler.stick(crate)
    @chiller.cool(crate)
    kg
  end
end
FishHall.new.take({ kg: 3 })
MeatHall.new(Scale.new, Labeler.new, Chiller.new).receive({ kg: 4 })
