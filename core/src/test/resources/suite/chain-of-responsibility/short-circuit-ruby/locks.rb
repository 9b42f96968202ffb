class Key
  attr_writer :next_key

  def opens?(door)
    fits?(door) || (@next_key && @next_key.opens?(door))
  end

  private

  def fits?(door)
    raise NotImplementedError
  end
end

class BrassKey < Key
  private

  def fits?(door)
    door.start_with?('b')
  end
end

class IronKey < Key
  private

  def fits?(door)
    door.size > 8
  end
end

first = BrassKey.new
first.next_key = IronKey.new
puts first.opens?('boathouse')
