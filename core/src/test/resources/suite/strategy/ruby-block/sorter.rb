class CatchSorter
  def initialize(&order)
    @order = order || ->(a, b) { a[:kg] <=> b[:kg] }
  end
  def sort(crates) = crates.sort { |a, b| @order.call(a, b) }
end
class Auction
  def by_weight(crates) = CatchSorter.new.sort(crates)
  def by_name(crates) = CatchSorter.new { |a, b| a[:name] <=> b[:name] }.sort(crates)
  def by_price(crates) = CatchSorter.new { |a, b| b[:price] <=> a[:price] }.sort(crates)
end
