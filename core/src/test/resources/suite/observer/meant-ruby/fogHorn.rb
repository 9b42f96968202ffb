class Tower
  def initialize = @n = 0
  def heard = @n += 1
end
class Watch
  def heard = puts("heard")
end
class FogHorn
  def initialize
    @lookouts = []
    @blasts = 0
  end
  def add(r) = @lookouts << r
  def remove(r) = @lookouts.delete(r)
  def blast
    @blasts += 1
    @lookouts.each(&:heard)
  end
end
b = FogHorn.new
b.add(Tower.new)
b.add(Watch.new)
b.blast
