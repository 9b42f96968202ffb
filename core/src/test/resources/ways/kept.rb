class Job
  def run = raise(NotImplementedError)
  def weight = 1
end
class Small < Job
  def run = 1
end
class Quay
  attr_reader :one, :jobs
  Holder = Struct.new(:job, :list)
  def initialize(one)
    @one = one
    @jobs = []
    @by_name = {}
    @lists = Hash.new { |h, k| h[k] = [] }
    @pairs = []
    @queue = Queue.new
    @made = Small.new
    @list = [Small.new]
    @map = { a: Small.new }
    @listy = { a: [Small.new] }
    @holder = Holder.new(Small.new, [Small.new])
  end
  def a1 = @made.run
  def a2 = @made&.run
  def a3
    return unless @made
    @made.run
  end
  def a4
    if (job = @made)
      job.run
    end
  end
  def a5
    job = @made || @list.first
    job.run
  end
  def a6
    @list.each { |j| j.run }
  end
  def a7
    @list.each(&:run)
  end
  def a8
    @list.each_with_index { |j, i| j.run }
  end
  def a9
    @list.select { |j| j.weight > 3 }.each { |j| j.run }
  end
  def b1
    @list.find { |j| j.weight > 3 }&.run
  end
  def b2
    @list.map(&:run)
  end
  def b3
    @list.reverse_each { |j| j.run }
  end
  def b4
    for j in @list
      j.run
    end
  end
  def b5
    @map[:a].run
  end
  def b6
    @map.fetch(:a).run
  end
  def b7
    @map.each { |k, j| j.run }
  end
  def b8
    @map.each_value { |j| j.run }
  end
  def b9
    @map.values.each(&:run)
  end
  def c1
    @listy[:a].each { |j| j.run }
  end
  def c2
    @listy.each_value { |l| l.each { |j| j.run } }
  end
  def c3
    @listy.values.flatten.each { |j| j.run }
  end
  def c4
    @listy.each { |k, l| l.each(&:run) }
  end
  def c5
    while (j = @list.shift)
      j.run
    end
  end
  def c6
    @list.shift.run until @list.empty?
  end
  def c7
    @list.first.run
  end
  def c8
    @list[-1].run
  end
  def c9
    @list.sort_by(&:weight).first.run
  end
  def d1
    @list.max_by { |j| j.weight }.run
  end
  def d2
    @list.dup.each { |j| j.run }
  end
  def d3
    first, *rest = @list
    first.run
  end
  def d4
    @list.each do |j|
      next if j.weight > 3
      j.run
    end
  end
  def d5
    @list.each_slice(2) { |a, b| a.run }
  end
  def d6
    @holder.job.run
  end
  def d7
    @list.lazy.select { |j| j.weight > 2 }.each { |j| j.run }
  end
  def d8
    @list.times.each { |i| @list[i].run } if false
    @list.each_index { |i| @list[i].run }
  end
  def d9
    0.upto(@list.size - 1) { |i| @list[i].run }
  end
  def e1
    @list.any? { |j| j.run }
  end
  def e2
    @list.inject { |a, b| a.weight > b.weight ? a : b }.run
  end
  def e3
    @made.tap { |j| j.run }
  end
  def e4
    @made.then { |j| j.run }
  end
  def e5
    @made.public_send(:run)
  end
  def e7
    case @made
    when nil then nil
    else @made.run
    end
  end
  def e8
    (@list + [@made]).each { |j| j.run }
  end
  def e9
    [@made, *@list].each(&:run)
  end
  def f1
    @list.zip(@list) { |a, b| a.run }
  end
  def f2
    @list.each_with_object([]) { |j, acc| j.run }
  end
  def f3
    @list.compact.uniq.each { |j| j.run }
  end
  def f4
    begin
      @made.run
    rescue StandardError
      nil
    ensure
      nil
    end
  end
  def f5
    Thread.new { @made.run }
  end
  def f6
    job = @made
    -> { job.run }.call
  end
  def f7
    @list.each { _1.run }
  end
  def f8
    @list.each { it.run }
  end
end
