class HeadCook
  def initialize(builder)
    @builder = builder
  end

  def compose
    @builder.add_starter
    @builder.add_main
    @builder.add_dessert
    @builder.result
  end
end

cook = HeadCook.new(FeastMenuBuilder.new)
puts cook.compose
