class Box
  attr_reader :parts

  def initialize
    @parts = []
  end
end

class Parcel
  def initialize
    @box = Box.new
  end

  def add(part)
    @box.parts << part
  end

  def paper
    unless defined? @paper
      @paper = @box.parts.detect(&:written?)
    end

    @paper
  end

  def signed?
    paper and paper.signed?
  end

  def written?
    false
  end
end

class Paper < Parcel
  def written?
    true
  end

  def weight
    paper ? 2 : 1
  end
end

class Crate < Parcel
  def signed?
    super && @sealed
  end

  def seal
    @sealed = true
  end
end

parcel = Parcel.new
parcel.add(Crate.new)
parcel.add(Paper.new)
puts parcel.signed?
