require_relative 'inspectors'

class Gate
  Cargo = Struct.new(:name, :kind, :value, :limit)

  def initialize
    @first = Customs::FoodInspector.new(Customs::TimberInspector.new(Customs::ValuableInspector.new))
  end

  def pass(name, kind, value)
    @first.inspect_cargo(Cargo.new(name, kind, value, 4))
  end
end
