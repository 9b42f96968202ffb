class Lamp
  attr_reader :shade, :watts

  def initialize(shade, watts)
    @shade = shade
    @watts = watts
    @marks = []
  end

  def mark(text)
    @marks << text
  end

  def copy
    Lamp.new(@shade, @watts).tap { |other| @marks.each { |text| other.mark(text) } }
  end
end
