class Chair
  def describe
    raise NotImplementedError
  end
end

class Backdrop
  def unroll(stage)
    raise NotImplementedError
  end
end

class CourtChair < Chair
  def describe
    "gilded chair"
  end
end

class TavernChair < Chair
  def describe
    "rough stool"
  end
end

class CourtBackdrop < Backdrop
  def unroll(stage)
    stage << "marble hall"
  end
end

class TavernBackdrop < Backdrop
  def unroll(stage)
    stage << "smoky beams"
  end
end

class SetWorkshop
  def chair
    raise NotImplementedError
  end

  def backdrop
    raise NotImplementedError
  end
end

class CourtWorkshop < SetWorkshop
  def chair
    CourtChair.new
  end

  def backdrop
    CourtBackdrop.new
  end
end

class TavernWorkshop < SetWorkshop
  def chair
    TavernChair.new
  end

  def backdrop
    TavernBackdrop.new
  end
end
