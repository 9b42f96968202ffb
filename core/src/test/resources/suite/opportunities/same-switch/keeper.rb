require_relative 'lock'
class Keeper
  def initialize; @lock = Lock.new; end
  def day
    @lock.request('Gaviota')
    3.times { @lock.tick }
    @lock.light
  end
end
