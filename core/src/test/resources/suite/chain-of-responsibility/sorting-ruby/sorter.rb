class Sorter
  def initialize(following = nil)
    @following = following
  end

  def sort(parcel)
    raise NotImplementedError
  end
end

class Heavy < Sorter
  def sort(parcel)
    if parcel > 20
      'hall'
    elsif @following
      @following.sort(parcel)
    end
  end
end

class Light < Sorter
  def sort(parcel)
    if parcel < 5
      'bag'
    elsif @following
      @following.sort(parcel)
    end
  end
end

class Depot
  def take(parcel)
    Heavy.new(Light.new).sort(parcel)
  end
end
