class Door
  def open(by)
    raise NotImplementedError
  end

  def close
    raise NotImplementedError
  end

  def open?
    raise NotImplementedError
  end
end

class HatchDoor < Door
  def open(by)
    @by = by
  end

  def close
    @by = nil
  end

  def open?
    !@by.nil?
  end
end

class RampDoor < Door
  def open(by)
    @angle = 30
    @by = by
  end

  def close
    @angle = 0
  end

  def open?
    @angle.to_i.positive?
  end
end

class SideGate
  def unlock(by)
    @by = by
  end

  def close
    @by = nil
  end

  def open?
    !@by.nil?
  end
end
