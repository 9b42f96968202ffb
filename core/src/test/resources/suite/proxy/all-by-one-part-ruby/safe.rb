class Safe
  def initialize
    @papers = {}
  end

  def put(name, paper)
    @papers[name] = paper
  end

  def take(name)
    @papers.delete(name)
  end
end

class GuardedSafe
  def initialize(safe, key)
    @safe = safe
    @key = key
  end

  def put(name, paper)
    opened.put(name, paper)
  end

  def take(name)
    opened.take(name)
  end

  private

  def opened
    raise 'wrong key' unless @key == 'anchor'

    @safe
  end
end

class Purser
  def initialize(safe)
    @safe = safe
  end

  def stow(paper)
    @safe.put('manifest', paper)
  end
end

Purser.new(GuardedSafe.new(Safe.new, 'anchor')).stow('rice')
