class Notice
  def text
    raise NotImplementedError
  end
end

class GaleNotice < Notice
  def text
    "gale"
  end
end

class FogNotice < Notice
  def text
    "fog"
  end
end
